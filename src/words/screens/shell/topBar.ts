// The words of screens/shell/TopBar.
import { count, day } from "../../speak";

/** What is kept where: the last back-up, and how many visits it lacks. */
export const keptInThisBrowser = (at: null | string, lacks: number) =>
  at === null
    ? "Kept in this browser · no back-up"
    : `Kept in this browser · back-up of ${day(at)}${lacks > 0 ? ` lacks ${count(lacks, "visit")}` : ""}`;
export const switchToTheTheme = (other: "light" | "dark") => `Switch to the ${other} theme`;
export const oddSpoke = "Odd Spoke";
export const findABikeA = "Find a bike, a line, a place";
export const find = "Find";
export const keyboardShortcuts = "Keyboard shortcuts";
