// The words of screens/intake/EveryClass.
import { count } from "../../speak";

export const tableLabel = "The bike against every class";
export const leavesAs = "Leaves as";
export const asItIs = "As it is";
export const afterThePlan = "After the plan";
export const choose = "Choose";
export const chosen = "chosen";
export const leaveAs = (className: string) => `Leave as ${className}`;
export const linesToChange = (lines: number) =>
  lines === 0 ? "No line to change." : `${count(lines, "line")} to change.`;
export const nothingFound = "Nothing found against it.";
export const andMore = (more: number) => ` And ${more} more.`;
