// The words of screens/numbers/RunScatter.
import type { SpeedUnit } from "@/core/units";
import { fixed, unitName } from "../../speak";

export const oneFactor = "one factor";
export const runsAndTheFactor = "Runs and the factor through them";
export const runScatterTrue = (unit: SpeedUnit) => `true ${unitName(unit)}`;
export const runScatterShown = (unit: SpeedUnit) => `shown ${unitName(unit)}`;
export const runsShownAgainstTrue = (r: number) =>
  `Runs, shown against true speed. One factor of ${fixed(r, 3)} through them.`;
export const runs = "Runs";
export const run = "Run";
export const trueWord = "True";
export const shown = "Shown";
export const offTheFactor = "Off the factor";
