/**
 * The best wheel line, the best pulse line, and the best pair of both that a display can take: every pair is looked at.
 * Cost is |ln r|. Among pairs within 0.003 of the best the smallest r ≥ 1 wins, since a speedometer should never read
 * low (UN Regulation 39, which does not bind pedal cycles); then fewest lines changed, then pulses nearest the physical
 * count.
 */

export interface PairCandidates<Wheel, Pulse> {
  readonly wheels: readonly { readonly code: Wheel; readonly circumferenceMm: number }[];
  readonly pulses: readonly { readonly code: Pulse; readonly count: number }[];
  /** What stands there now, where it is known. */
  readonly asFound: { readonly wheel: Wheel | null; readonly pulse: Pulse | null };
  /** Real pulses per millimetre of way: physical count over rollout, or r·count/circumference from a calibration. */
  readonly pulsesPerMm: number;
  /** Physical pulses per turn: a count further than 15 % from it is not offered. */
  readonly physicalPulses: number;
}

export interface Pair<Wheel, Pulse> {
  readonly wheel: Wheel;
  readonly pulse: Pulse;
  readonly circumferenceMm: number;
  readonly count: number;
  /** Shown over true. */
  readonly r: number;
  /** Lines that change from as found: 0, 1 or 2. */
  readonly changed: number;
}

/** Pulse counts further than this from the physical one are no calibration but a mistake. From memory. */
export const PULSE_RANGE = 0.15;
const AS_GOOD = 0.003;
/** Two costs nearer than this are one and the same. */
const EQUAL = 1e-9;

const costOf = (r: number): number => Math.abs(Math.log(r));

/** The best pair over the whole grid, or null where nothing is offered. */
export function bestPair<Wheel, Pulse>({
  wheels,
  pulses,
  asFound,
  pulsesPerMm,
  physicalPulses,
}: PairCandidates<Wheel, Pulse>): Pair<Wheel, Pulse> | null {
  const near = pulses.filter(
    ({ count, code }) =>
      count > 0 && (Math.abs(count / physicalPulses - 1) <= PULSE_RANGE + 1e-9 || code === asFound.pulse),
  );
  let least = Infinity;
  for (const { circumferenceMm } of wheels)
    for (const { count } of near) least = Math.min(least, costOf((pulsesPerMm * circumferenceMm) / count));
  if (least === Infinity) return null;
  let best: Pair<Wheel, Pulse> | null = null;
  for (const { code: wheel, circumferenceMm } of wheels) {
    for (const { code: pulse, count } of near) {
      const r = (pulsesPerMm * circumferenceMm) / count;
      if (costOf(r) > least + AS_GOOD) continue;
      const changed = Number(wheel !== asFound.wheel) + Number(pulse !== asFound.pulse);
      const pair = { wheel, pulse, circumferenceMm, count, r, changed };
      if (best === null || better(pair, best, physicalPulses)) best = pair;
    }
  }
  return best;
}

/** Order among pairs that are all within 0.003 of the least cost. */
function better<Wheel, Pulse>(a: Pair<Wheel, Pulse>, b: Pair<Wheel, Pulse>, physicalPulses: number): boolean {
  const high = Number(b.r < 1 - EQUAL) - Number(a.r < 1 - EQUAL);
  if (high !== 0) return high > 0;
  // Neither or both read low: nearer to true is better on either side.
  const cost = costOf(a.r) - costOf(b.r);
  if (Math.abs(cost) > EQUAL) return cost < 0;
  if (a.changed !== b.changed) return a.changed < b.changed;
  return Math.abs(a.count - physicalPulses) < Math.abs(b.count - physicalPulses);
}
