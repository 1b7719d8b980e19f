/** Steps of the key card in few words. */
import { linesOf, type DisplayProfile } from "@/core/display";
import type { KeyWork } from "@/core/record";
import { lineName } from "@/words";

export function stepName(profile: DisplayProfile, step: KeyWork["steps"][number]): string {
  const line = step.line === null ? undefined : linesOf(profile)[step.line];
  if (line) return `${line.code} ${lineName(line)}`;
  if (step.kind === "go") return `go into ${step.page ?? "the next page"}`;
  return {
    "switch-on": "switch on",
    open: "open the menu",
    code: "enter the code",
    go: "go on",
    line: "next line",
    save: "save",
    leave: "leave the menu",
    "power-cycle": "switch off and on",
    wait: "wait",
  }[step.kind];
}
