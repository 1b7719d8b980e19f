// The words of screens/prove/Prove.
import * as caution from "../../cautions";
import { count } from "../../speak";

export const nothingToProveYet = "Nothing to prove yet.";
export const theKeysWereRehearsed =
  "The keys were rehearsed on the simulated display. The bike’s own keys have not been pressed: what it holds is " +
  "as before.";
export const theValuesAreNot = "The values are not saved and in force. Program the display first.";
export const goToTheKeys = "Go to the keys";
export const checks = "Checks";
export const allPassedDueIn = (checksLeft: number) =>
  `${checksLeft === 0 ? "All passed." : `${count(checksLeft, "check")} due, in this order.`} Throttle and power ` +
  "bars on the display mean nothing with the wheel in the air.";
export const standClearOfThe = `${caution.standClear} ${caution.brakeCutOff}`;
export const handItOver = "Hand it over ";
export const doesALineDoAnything = "Does a line do anything?";
export const worthMeasuring = (n: number) => `Worth a measurement: ${n} more`;
