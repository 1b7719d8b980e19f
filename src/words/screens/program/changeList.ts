// The words of screens/program/ChangeList.
import { count } from "../../speak";

export const whatWillChangeIn = "What will change, in this order";
export const readItThenPlan = "read it, then plan";
export const otherLineStaysAs = (linesCount: number, changesCount: number) =>
  `${count(linesCount - changesCount, "other line")} ${linesCount - changesCount === 1 ? "stays" : "stay"} as ` +
  `${linesCount - changesCount === 1 ? "it is" : "they are"}.`;
export const asItStands = "as it stands";
