// The words of screens/as-found/PastedList.
import { count } from "../../speak";

export const lineAndValueOne = "Line and value, one a row: ";
export const takeValue = (codesCount: number) => `Take ${count(codesCount, "value")}`;
export const rowNotUnderstoodThey = (unknownCount: number) =>
  `${count(unknownCount, "row")} not understood; they stay here.`;
