// The words of screens/numbers/RunTable.
import type { SpeedUnit } from "@/core/units";
import { unitName } from "../../speak";

export const run = "Run";
export const runTableTrue = (trueUnit: SpeedUnit) => `True, ${unitName(trueUnit)}`;
export const runTableShown = (unit: string) => `Shown, ${unit}`;
export const runTrue = (row: number, column: number) => `Run ${row + 1}, ${column === 0 ? "true" : "shown"}`;
export const runTheOtherSpeed = (unfinishedCount: number, unfinished: string) =>
  `${unfinishedCount === 1 ? "Run" : "Runs"} ${unfinished}: the other speed is still to come.`;
export const runs = "Runs, true and shown";
