/**
 * From an assist ladder to what each level does to the kit, and from a measured speed back to the share that explains
 * it: a real kit may follow a firmware table, so what was measured overrides what the level's kind would give.
 */
import { shareReaching } from "../assist";
import type { Drive } from "./kit";
import type { Road } from "./roadLoad";
import { steadySpeedKmh, type RideSetup } from "./steady";

/** What a level of this kit holds back. */
export type LevelKind = "current" | "duty" | "speed" | "torque";

export interface LadderKind {
  readonly kind: LevelKind;
  /** Speed of the top level on a speed-controlled kit, km/h. */
  readonly topKmh: number;
  /** Times the rider's own power at the top level of a torque-controlled kit. */
  readonly topTimesRider: number;
}

/** What a share of 0 to 1 means on a kit of this kind; 0 is no assist. */
export function driveOf({ kind, topKmh, topTimesRider }: LadderKind, share: number): Drive {
  if (share <= 0) return { kind: "off" };
  switch (kind) {
    case "current":
    case "duty":
      return { kind, share };
    case "speed":
      return { kind, endKmh: topKmh * share };
    case "torque":
      return { kind, timesRider: topTimesRider * share };
  }
}

/** A measured speed this near the speed without assist is no assist at all, km/h. */
const NO_ASSIST_KMH = 0.5;

/** What a level really does, from the steady speed measured on a road. */
export function driveFromMeasured(setup: RideSetup, kind: LadderKind, road: Road, measuredKmh: number): Drive {
  if (measuredKmh <= steadySpeedKmh(setup, { kind: "off" }, road) + NO_ASSIST_KMH) return { kind: "off" };
  // A speed level is measured just where its assist fades out: its end is found, not assumed.
  const reach = (share: number) => steadySpeedKmh(setup, driveOf(kind, share), road);
  const most = kind.kind === "speed" ? (measuredKmh + 3) / kind.topKmh : 1;
  return driveOf(kind, shareReaching(reach, measuredKmh, 0.001, most));
}
