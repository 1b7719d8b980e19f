// The words of screens/numbers/LadderBench.
import type { SpeedUnit } from "@/core/units";
import { speed } from "../../speak";

export const theKitsLevels = "The kit’s levels";
export const aBetterLadder = "A better ladder";
export const start = "Start";
export const stillToSayThen = (missing: string) =>
  `Still to say: ${missing}. Then every level’s speed and power is worked out.`;
export const byTheMeasuredSpeeds = "By the measured speeds alone";
export const allLevelsDifferBy = (valuesCount: number, speedKmh: number, unit: SpeedUnit) =>
  `All ${valuesCount} levels differ by ${speed(speedKmh, unit)} or more.`;
export const levelIsReallyLevel = (level: number, sameAs: number) =>
  `Level ${level + 1} is really level ${sameAs + 1} again.`;
