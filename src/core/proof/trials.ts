/**
 * Does a line do anything? Two values of it, each measured several times, in an order in which neither is always first,
 * and what the runs say: by exact permutation of which run was which (Fisher 1935; Edgington and Onghena, Randomization
 * Tests, 4th ed. 2007), looked at once, when all runs are in.
 */
import jstat from "jstat";
import { seeded } from "../units/seeded";

export type Arm = "A" | "B";

export interface TrialRun {
  readonly arm: Arm;
  readonly value: number;
}

/** Runs of each value: the fewest with which chance alone says yes less than once in twenty, and some to spare. */
export const RUNS_EACH = 4;
/** Chance alone says that it does something at most so often. */
const ALPHA = 0.05;

/**
 * The order of the runs: blocks of A B B A, the one or the other way round by the seed, so that a pack that empties
 * or a hand that tires falls on both alike.
 */
export function orderOfRuns(seed: number): readonly Arm[] {
  const random = seeded(seed);
  return Array.from({ length: RUNS_EACH / 2 }, () => random() < 0.5).flatMap((isAFirst): readonly Arm[] =>
    isAFirst ? ["A", "B", "B", "A"] : ["B", "A", "A", "B"],
  );
}

export interface Effect {
  /** Mean with B less mean with A, in the unit measured. */
  readonly difference: number;
  /** 95 % interval of it, by Student's t with the spread of both. */
  readonly low: number;
  readonly high: number;
  /** The chance of so great a difference, or a greater one, this way, where the line did nothing. */
  readonly p: number;
}

export type TrialVerdict =
  | { readonly kind: "not-enough"; readonly more: number }
  | { readonly kind: "does-something"; readonly effect: Effect }
  /** It does something, against what was thought. */
  | { readonly kind: "other-way"; readonly effect: Effect }
  | { readonly kind: "nothing-seen"; readonly effect: Effect };

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
const squares = (values: readonly number[]): number => {
  const centre = mean(values);
  return values.reduce((sum, value) => sum + (value - centre) ** 2, 0);
};

/** All ways to choose so many of so many places. */
function choices(count: number, of: number, from = 0): readonly (readonly number[])[] {
  if (count === 0) return [[]];
  return Array.from({ length: of - from - count + 1 }, (_, i) => from + i).flatMap((first) =>
    choices(count - 1, of, first + 1).map((rest) => [first, ...rest]),
  );
}

/**
 * The share of all ways to call so many of the runs B with which B comes out at least so far above A: exact, one-sided.
 */
export function permutationP(a: readonly number[], b: readonly number[]): number {
  const all = [...a, ...b];
  const sumB = b.reduce((sum, value) => sum + value, 0);
  const slack = 1e-9 * (1 + Math.abs(sumB));
  const ways = choices(b.length, all.length);
  const asFar = ways.filter((way) => way.reduce((sum, i) => sum + (all[i] ?? 0), 0) >= sumB - slack).length;
  return asFar / ways.length;
}

/**
 * What the runs say. `expected`: whether B is thought to give more than A or less.
 * Too few runs give no verdict, so that nobody stops when it suits him.
 */
export function verdictOf(runs: readonly TrialRun[], expected: "more" | "less"): TrialVerdict {
  const sign = expected === "more" ? 1 : -1;
  const of = (arm: Arm): readonly number[] => runs.filter((run) => run.arm === arm).map(({ value }) => value);
  const [a, b] = [of("A"), of("B")];
  const more = Math.max(0, RUNS_EACH - a.length) + Math.max(0, RUNS_EACH - b.length);
  if (more > 0) return { kind: "not-enough", more };
  const difference = mean(b) - mean(a);
  const degrees = a.length + b.length - 2;
  const spread = Math.sqrt(((squares(a) + squares(b)) / degrees) * (1 / a.length + 1 / b.length));
  const reach = jstat.studentt.inv(0.975, degrees) * spread;
  const interval = { difference, low: difference - reach, high: difference + reach };
  const p = permutationP(
    a.map((value) => sign * value),
    b.map((value) => sign * value),
  );
  if (p <= ALPHA) return { kind: "does-something", effect: { ...interval, p } };
  const other = permutationP(
    a.map((value) => -sign * value),
    b.map((value) => -sign * value),
  );
  if (other <= ALPHA) return { kind: "other-way", effect: { ...interval, p: other } };
  return { kind: "nothing-seen", effect: { ...interval, p } };
}
