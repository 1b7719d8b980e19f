// The words of screens/numbers/RideCharts.
import type { SpeedUnit } from "@/core/units";
import { plain, speed } from "../../speak";

export const rideChartsLevel = (level: number) => `level ${level}`;
export const dragFlat = "drag, flat";
export const thrustAgainstDrag = "Thrust against drag";
export const thrustOfEveryLevel = (top: number, unit: SpeedUnit) =>
  "Thrust of every level with the rider, and drag on the flat and on 5 %. Full level and drag meet at " +
  `${speed(top, unit)} without a cap.`;
export const rangeByLevel = "Range by level";
export const level = "level";
export const rangeOfEachLevel = "Range of each level on the flat and on 5 %, the tables above have the figures";
export const thrustAndDrag = "Thrust and drag";
export const rideChartsDragFlat = "Drag, flat";
export const drag5 = "Drag, 5 %";
export const rideChartsLevel2 = (level: number) => `Level ${level}`;
export const levelTheRidersPush =
  "level: the rider’s push + the motor’s thrust, after the cap; level 0 is the rider alone";
export const drag = "drag, 5 %";
export const atOnTheFlat = (kmh: number, unit: SpeedUnit, forceN: number) =>
  `at ${speed(kmh, unit, 0)}: ${plain(forceN, 1)} N on the flat`;
