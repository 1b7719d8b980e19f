// The words of screens/numbers/WheelBench.
import { offBy } from "../../speak";

export const everyPairTheDisplay = (changes: string, r: number) =>
  `Every pair the display can hold was tried. ${changes} leaves ${offBy(r)}. The plan proposes the wheel line; a ` +
  "maker-only line stays unless you unlock it there.";
export const twoSourcesCannotBoth =
  "Two sources cannot both be right. Roll it out once more: a missed turn and a wrong sidewall look just like this.";
export const lineFromTo = (code: string, from: string | null, to: string) =>
  `Line ${code} from ${from ?? "unread"} to ${to}`;
export const bench = "wheel";
