/**
 * Rollout: how far the bike goes in one turn of the wheel that is measured. It decides what the speedometer makes of
 * the pulses. Measured with the valve down and the rider on, over one or more turns, it overrides the estimate from the
 * sidewall.
 */
import { ESTIMATE_UNCERTAINTY, loadedRolloutMm, unloadedRolloutMm, type TyreDesignation } from "./tyre";

export interface Rollout {
  /** Distance per turn, mm. */
  readonly mm: number;
  /** Half-width of the interval around `mm`, mm. */
  readonly uncertaintyMm: number;
  readonly from: "measured" | "tyre";
}

export interface RolloutMeasurement {
  /** Distance along the floor over all turns, mm. */
  readonly distanceMm: number;
  /** Whole turns of the wheel, 1 or more. */
  readonly turns: number;
  /** How far the tape or the chalk marks may be off, mm. */
  readonly tapeErrorMm: number;
}

/** Rollout from a measurement: distance and tape error are both shared among the turns. */
export const measuredRollout = ({ distanceMm, turns, tapeErrorMm }: RolloutMeasurement): Rollout => ({
  mm: distanceMm / turns,
  uncertaintyMm: tapeErrorMm / turns,
  from: "measured",
});

/** Rollout expected from the designation, rider on, ±1.5 %. */
export function estimatedRollout(tyre: TyreDesignation): Rollout {
  const mm = loadedRolloutMm(tyre);
  return { mm, uncertaintyMm: mm * ESTIMATE_UNCERTAINTY, from: "tyre" };
}

/** How far a measured rollout may lie from the estimate before the two are said to disagree. */
const DISAGREEMENT = 0.04;

export interface RolloutDisagreement {
  readonly key: "rollout.disagrees-with-tyre";
  readonly measuredMm: number;
  readonly expectedMm: number;
}

/** Says when a measurement and the sidewall cannot both be right: a missed turn, or the wrong designation. */
export function compareWithTyre(measured: Rollout, tyre: TyreDesignation): RolloutDisagreement | null {
  const expectedMm = loadedRolloutMm(tyre);
  const highestMm = unloadedRolloutMm(tyre) * (1 + DISAGREEMENT);
  const lowestMm = expectedMm * (1 - DISAGREEMENT);
  if (measured.mm >= lowestMm && measured.mm <= highestMm) return null;
  return { key: "rollout.disagrees-with-tyre", measuredMm: measured.mm, expectedMm };
}
