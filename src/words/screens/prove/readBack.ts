// The words of screens/prove/ReadBack.
import { count } from "../../speak";

export const lineReadBackNot = (wrong: number) => `${count(wrong, "line")} read back not as planned`;
export const readBack = "Read back";
export const openTheMenuOnce = (due: number, wrong: number) =>
  "Open the menu once more and type what each line shows. Enter on an empty field: it shows what was planned. " +
  `${due > 0 ? `${count(due, "line")} to go.` : wrong === 0 ? "All as planned." : ""}`;
export const lineNotAsPlanned = (wrong: number) =>
  `${count(wrong, "line")} not as planned. Set ${wrong === 1 ? "it" : "them"} again before the bike leaves: the ` +
  "keys then start from what you read.";
export const planTheKeysAgain = "Plan the keys again";
export const readBackPlanned = (shows: string) => `planned ${shows}`;
export const lineShows = (code: string) => `Line ${code} shows`;
export const asPlanned = " as planned";
export const differs = " differs";
export const due = "due";
export const notPlanned = "not planned: type what it shows";
