// The words of screens/intake/SwapDisplay.
import { count } from "../../speak";

export const comesOffGoesOn = (name: string, name2: string) => `${name} comes off, ${name2} goes on`;
export const everyValueOfThe =
  "Every value of the old display, and what the new one makes of it. What was found stays sealed in the job.";
export const thePlugMayFit =
  "The plug may fit and the pins not: check the lead against both makers’ drawings. A swap can end a warranty. " +
  "Prove the bike anew.";
export const swapAndCarryOver = (length: number) => `Swap and carry over ${count(length, "value")}`;
export const leaveOn = (name: string) => `Leave ${name} on`;
