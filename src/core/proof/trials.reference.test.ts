// Trials against worked examples and a statistics library: exact p, false alarms and power.
import jstat from "jstat";
import { describe, expect, it } from "vitest";
import { seeded } from "../units/seeded";
import { orderOfRuns, permutationP, RUNS_EACH, verdictOf, type TrialRun } from "./trials";

/** A normal deviate by Box and Muller 1958. */
const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

const runs = (a: readonly number[], b: readonly number[]): readonly TrialRun[] => [
  ...a.map((value): TrialRun => ({ arm: "A", value })),
  ...b.map((value): TrialRun => ({ arm: "B", value })),
];

const SIMULATIONS = 2000;
/** Share of simulated trials with each verdict; `effect` in standard deviations. */
function simulated(effect: number): Readonly<Record<string, number>> {
  const random = seeded(17);
  const counts: Record<string, number> = {};
  for (let i = 0; i < SIMULATIONS; i++) {
    const values = orderOfRuns(i).map((arm): TrialRun => ({
      arm,
      value: 20 + normal(random) + (arm === "B" ? effect : 0),
    }));
    const { kind } = verdictOf(values, "more");
    counts[kind] = (counts[kind] ?? 0) + 1 / SIMULATIONS;
  }
  return counts;
}

describe("the exact permutation p", () => {
  it("is 1 of 20 where all three are above all three, and 1 of 70 with four each: 6! / 3! 3!, 8! / 4! 4!", () => {
    expect(permutationP([1, 2, 3], [4, 5, 6])).toBeCloseTo(1 / 20, 12);
    expect(permutationP([1, 2, 3, 4], [5, 6, 7, 8])).toBeCloseTo(1 / 70, 12);
    expect(permutationP([4, 5, 6], [1, 2, 3])).toBe(1);
    expect(permutationP([1, 1], [1, 1])).toBe(1);
  });
  // One step short of the most extreme: 1,2,3,5 against 4,6,7,8 leaves two ways as far, of 70.
  it("counts every way as far as what was seen", () =>
    expect(permutationP([1, 2, 3, 5], [4, 6, 7, 8])).toBeCloseTo(2 / 70, 12));
});

describe("2,000 simulated trials", () => {
  it("say that a line does something in at most 5 of 100 where it does nothing, and as rarely the other way", () => {
    const { "does-something": yes = 0, "other-way": other = 0 } = simulated(0);
    // Exact: 3 of 70 ways are within 0.05; three standard errors of 2,000 draws are 0.0136.
    expect(yes).toBeLessThanOrEqual(0.05);
    expect(Math.abs(yes - 3 / 70)).toBeLessThan(0.0136);
    expect(other).toBeLessThanOrEqual(0.05);
  });
  it.each([1, 1.5, 2, 3])(
    "find an effect of %s standard deviations as often as Student's t at the same level does",
    (effect) => {
      const degrees = 2 * RUNS_EACH - 2;
      const level = 3 / 70;
      const needed = jstat.studentt.inv(1 - level, degrees);
      const power = 1 - jstat.noncentralt.cdf(needed, degrees, effect * Math.sqrt(RUNS_EACH / 2));
      // With normal scatter the two are nearly the same test: within a few of 100.
      expect(Math.abs((simulated(effect)["does-something"] ?? 0) - power)).toBeLessThan(0.05);
    },
  );
});

describe("a verdict", () => {
  it("waits for all runs, and says how many are missing", () => {
    expect(verdictOf([], "more")).toEqual({ kind: "not-enough", more: 8 });
    expect(verdictOf(runs([1, 2, 3, 4], [9, 9]), "more")).toEqual({ kind: "not-enough", more: 2 });
    expect(verdictOf(runs([1, 2, 3, 4, 5, 6], [9]), "more")).toEqual({ kind: "not-enough", more: 3 });
  });
  it("tells something, the other way round, and nothing seen apart", () => {
    expect(verdictOf(runs([20, 21, 20, 21], [25, 26, 25, 26]), "more").kind).toBe("does-something");
    expect(verdictOf(runs([20, 21, 20, 21], [25, 26, 25, 26]), "less").kind).toBe("other-way");
    expect(verdictOf(runs([25, 26, 25, 26], [20, 21, 20, 21]), "less").kind).toBe("does-something");
    expect(verdictOf(runs([20, 22, 21, 23], [21, 22, 20, 23]), "more").kind).toBe("nothing-seen");
    expect(verdictOf(runs([20, 20, 20, 20], [20, 20, 20, 20]), "more").kind).toBe("nothing-seen");
  });
  it("has a size with its interval: by hand, 2 ± t(0.975, 6) √(2/3 · 1/2)", () => {
    const verdict = verdictOf(runs([1, 2, 2, 3], [3, 4, 4, 5]), "more");
    if (verdict.kind === "not-enough") throw new Error("too few");
    expect(verdict.effect.difference).toBeCloseTo(2, 12);
    // t(0.975, 6) = 2.4469 (Student's table).
    expect(verdict.effect.high - verdict.effect.difference).toBeCloseTo(2.4469 * Math.sqrt((2 / 3) * (1 / 2)), 3);
  });
});

describe("the order of runs", () => {
  it("has each value as often, neither first in every block, and lets a steady drift fall on both alike", () => {
    const firsts = new Set<string>();
    for (let seed = 0; seed < 40; seed++) {
      const order = orderOfRuns(seed);
      expect(order.filter((arm) => arm === "A")).toHaveLength(RUNS_EACH);
      expect(order).toHaveLength(2 * RUNS_EACH);
      const place = (arm: string) => order.reduce((sum, each, i) => sum + (each === arm ? i : 0), 0);
      expect(place("A")).toBe(place("B"));
      firsts.add(order[0] ?? "");
    }
    expect(firsts.size).toBe(2);
  });
});
