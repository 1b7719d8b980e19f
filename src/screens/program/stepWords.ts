/** Steps of the key card in few words. */
import { linesOf, type DisplayProfile } from "@/core/display";
import type { KeyWork } from "@/core/record";
import { lineName } from "@/words";
import * as say from "@/words/screens/program/stepWords";

export function stepName(profile: DisplayProfile, step: KeyWork["steps"][number]): string {
  const line = step.line === null ? undefined : linesOf(profile)[step.line];
  if (line) return `${line.code} ${lineName(line)}`;
  if (step.kind === "go") return say.goIntoTheNext(step.page);
  return {
    "switch-on": say.switchOn,
    open: say.openTheMenu,
    code: say.enterTheCode,
    go: say.goOn,
    line: say.nextLine,
    save: "save",
    leave: say.leaveTheMenu,
    "switch-off": say.switchOff,
    wait: "wait",
    procedure: say.holdTheKeys,
  }[step.kind];
}
