// The words of screens/shell/TopBar.
import { day } from "../../speak";

export const keptInThisBrowser = (exported: null | string) =>
  `Kept in this browser · ${exported ? `last export ${day(exported)}` : "never exported"}`;
export const switchToTheTheme = (other: "light" | "dark") => `Switch to the ${other} theme`;
export const oddSpoke = "Odd Spoke";
export const findABikeA = "Find a bike, a line, a place";
export const find = "Find";
export const keyboardShortcuts = "Keyboard shortcuts";
