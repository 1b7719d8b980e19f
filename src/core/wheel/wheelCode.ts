/**
 * Wheel codes: a display asks for inches and stands each code for a circumference of its own. Unless a profile knows
 * better, a code is taken as nominal inch × 25.4 × π, ±3 % until proven (common practice, no source).
 */
import { inchToMm } from "../units";

/** Relative uncertainty of a code's circumference while nobody has proven it. */
export const UNPROVEN_CODE_UNCERTAINTY = 0.03;

/** Circumference a nominal inch size stands for when nothing better is known, mm. */
export const nominalCircumferenceMm = (inch: number): number => inchToMm(inch) * Math.PI;

export interface WheelCandidate<Code> {
  readonly code: Code;
  readonly circumferenceMm: number;
}

export interface RankedWheel<Code> extends WheelCandidate<Code> {
  /** Read-out error this candidate gives, shown / true. */
  readonly r: number;
}

/** Among candidates this close to the best in |ln r|, one that never reads low is preferred. */
const AS_GOOD = 0.003;

/**
 * Candidates ordered best first: least |ln r|, but among those within 0.003 of the best the smallest r ≥ 1.
 * Preference for never reading low follows UN Regulation 39 (0 ≤ shown − true), which does not bind pedal cycles.
 * @param pulseRatio true pulses over set pulses
 */
export function rankWheels<Code>(
  candidates: readonly WheelCandidate<Code>[],
  rolloutMm: number,
  pulseRatio = 1,
): RankedWheel<Code>[] {
  const cost = (r: number) => Math.abs(Math.log(r));
  const ranked = candidates
    .map((candidate) => ({ ...candidate, r: (pulseRatio * candidate.circumferenceMm) / rolloutMm }))
    .sort((a, b) => cost(a.r) - cost(b.r));
  const best = ranked[0];
  if (!best) return [];
  const preferred = ranked
    .filter((candidate) => cost(candidate.r) <= cost(best.r) + AS_GOOD && candidate.r >= 1)
    .sort((a, b) => a.r - b.r)[0];
  return preferred ? [preferred, ...ranked.filter((candidate) => candidate !== preferred)] : ranked;
}
