/** Steps and views of the key card in few words. */
import type { viewOf, DisplayProfile } from "@/core/display";
import type { KeyWork } from "@/core/record";
import { lineName } from "@/ui/wording";

export const viewWords = (view: ReturnType<typeof viewOf>): string => (view.kind === "line" ? `${view.code} · ${view.shows}` : view.kind === "home" ? "home screen" : view.kind === "off" ? "dark" : "walk assist");

export function stepName(profile: DisplayProfile, step: KeyWork["steps"][number]): string {
  const line = step.line === null ? undefined : profile.menu.lines[step.line];
  if (line) return `${line.code} ${lineName(line)}`;
  return { "switch-on": "switch on", open: "open the menu", line: "next line", save: "save", leave: "leave the menu", "power-cycle": "switch off and on", wait: "wait for the menu to close" }[step.kind];
}

