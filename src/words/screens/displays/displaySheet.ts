// The words of screens/displays/DisplaySheet.
import { secondsOf } from "../../speak";

export const off = "Off";
export const homeScreen = "Home screen";
export const menu = "Menu";
export const code = "Code";
export const question = "Question";
export const monitor = "Monitor";
export const displaySheetTo = (shows: string, shows2: string) => `${shows} to ${shows2}`;
export const theMenuClosesAfter = (
  source: string,
  closesAfterMs: number,
  pending: "save" | "discard",
  saving: string,
  inForce: "at-once" | "after-power-cycle",
) =>
  `${source} The menu closes after ${secondsOf(closesAfterMs)} s and ` +
  `${pending === "save" ? "saves" : "throws away"} what is not saved; ${saving}; ` +
  `${inForce === "at-once" ? "values act at once" : "values act after a power cycle"}.`;
export const keys = "Keys";
export const on = "On";
export const whatItDoes = "What it does";
export const lines = "Lines";
export const linesOf = (name: string) => `Lines of ${name}`;
export const line = "Line";
export const sets = "Sets";
export const shows = "Shows";
export const makers = "Maker’s";
export const setBy = "Set by";
export const onlyWith = (line: string) => `only with ${line}`;
export const faultCodes = "Fault codes";
export const keysOf = (name: string) => `Keys of ${name}`;
export const varies = "varies";
export const notKnown = "not known";
export const and = " and ";
