/** Thrust of every level with the rider, and drag, over speed: where two lines meet the bike settles. */
import { motorAt, riderForceN, roadLoadN } from "../ride";
import { HILL_GRADE } from "./outcome";
import type { Ride } from "./rideOf";

export interface ForcePoint {
  readonly kmh: number;
  readonly forceN: number;
}

export interface ForceCurves {
  readonly levels: readonly { readonly level: number; readonly points: readonly ForcePoint[] }[];
  readonly flat: readonly ForcePoint[];
  readonly hill: readonly ForcePoint[];
}

/** Speeds drawn, km/h: from a walk to past any class a bicycle is set for. */
const SPEEDS_KMH = Array.from({ length: 46 }, (_, i) => i + 1);

export function forceCurve({ setup, road, levels }: Ride): ForceCurves {
  const { kit, body, rider, capKmh } = setup;
  const drag = (grade: number) => SPEEDS_KMH.map((kmh) => ({ kmh, forceN: roadLoadN(kmh, body, { ...road, grade }) }));
  return {
    levels: levels.map(({ level, drive }) => ({
      level,
      points: SPEEDS_KMH.map((kmh) => ({
        kmh,
        forceN: riderForceN(rider, kmh) + motorAt(kit, drive, capKmh, rider, kmh).forceN,
      })),
    })),
    flat: drag(0),
    hill: drag(HILL_GRADE),
  };
}
