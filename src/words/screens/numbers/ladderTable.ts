// The words of screens/numbers/LadderTable.
import type { SpeedUnit } from "@/core/units";
import { speed } from "../../speak";

export const level = "Level";
export const share = "Share";
export const flat = "Flat";
export const battery = "Battery";
export const on5 = "On 5 %";
export const battery5 = "Battery, 5 %";
export const range = "Range";
export const same = "Same";
export const ladderTableAs = (twinOf: number) => `as ${twinOf}`;
export const theModelComesTo = (speedKmh: number, unit: SpeedUnit) =>
  `the model comes to ${speed(speedKmh, unit)} with this rider and road, so nothing else is said of this level`;
export const onTheFlat = "On the flat:";
export const ladderTableOn5 = "On 5 %:";
export const measuredAt = (kmh: number, unit: SpeedUnit) => `measured: ${speed(kmh, unit)}`;
