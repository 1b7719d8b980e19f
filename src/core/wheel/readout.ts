/**
 * Read-out error r = shown speed / true speed, and what it does to a cap. r = (pulses_true / pulses_set) · (C_set /
 * C_true); r < 1 reads low. A cap compared with the shown speed really bites at cap / r.
 */
import { roundSafely, type Grid } from "../units";

export interface Interval {
  readonly nominal: number;
  readonly low: number;
  readonly high: number;
}

export interface WheelTruth {
  /** Real distance per turn, mm, and its half-width, mm. */
  readonly rolloutMm: number;
  readonly rolloutUncertaintyMm: number;
  /** Pulses the pick-up really gives per wheel turn. */
  readonly pulsesPerTurn: number;
}

export interface WheelSetting {
  /** Circumference the display takes its wheel line for, mm. */
  readonly circumferenceMm: number;
  /** Relative uncertainty of that circumference: 0 once proven, 0.03 while it is only assumed from the inches. */
  readonly circumferenceUncertainty: number;
  /** Pulses per wheel turn the display divides by. */
  readonly pulsesPerTurn: number;
}

/** What has to be known, or mended, before the read-out error can be worked out. */
export type ReadOutNeed =
  | "rollout"
  /** Nobody has counted what a pick-up inside the motor gives. */
  | "pick-up-pulses"
  /** Nobody has said where the speed is picked up, and this display counts the motor. */
  | "pick-up"
  /** The display counts one sensor, and the bike has the other. */
  | "other-sensor"
  | "wheel-line"
  | "pulse-line"
  | "calibration-line"
  /** The line holds 0, which counts nothing: no speed follows from it. */
  | "wheel-zero"
  | "pulses-zero"
  | "calibration-zero";

const isPositive = (value: number): boolean => Number.isFinite(value) && value > 0;

/**
 * Read-out error with its interval. Both uncertainties add: a promise about a cap must hold at their worst together.
 * @returns null where a figure is no positive number or an uncertainty as large as its figure: then r is not known
 */
export function readoutError(truth: WheelTruth, setting: WheelSetting): Interval | null {
  const leastTruthMm = truth.rolloutMm - truth.rolloutUncertaintyMm;
  const figures = [truth.pulsesPerTurn, truth.rolloutMm, leastTruthMm, setting.pulsesPerTurn, setting.circumferenceMm];
  if (!figures.every(isPositive) || !(setting.circumferenceUncertainty < 1)) return null;
  const pulses = truth.pulsesPerTurn / setting.pulsesPerTurn;
  const nominal = pulses * (setting.circumferenceMm / truth.rolloutMm);
  const low =
    pulses *
    ((setting.circumferenceMm * (1 - setting.circumferenceUncertainty)) /
      (truth.rolloutMm + truth.rolloutUncertaintyMm));
  const high =
    pulses *
    ((setting.circumferenceMm * (1 + setting.circumferenceUncertainty)) /
      (truth.rolloutMm - truth.rolloutUncertaintyMm));
  return { nominal, low, high };
}

/** Where a cap on the *shown* speed really stops the assist, in the unit of the cap: cap / r. */
export const trueCap = (shownCap: number, r: Interval): Interval => ({
  nominal: shownCap / r.nominal,
  low: shownCap / r.high,
  high: shownCap / r.low,
});

/**
 * The largest cap setting that keeps the true speed within `limit` even at the lower end of r: floor(limit · r_low).
 * @param limit in the line's own unit
 * @param grid what the line can hold, in the same unit
 */
export const capSettingFor = (limit: number, r: Interval, grid: Grid): number =>
  roundSafely(limit * r.low, "down", grid);
