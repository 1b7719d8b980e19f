import { describe, expect, it } from "vitest";
import { FAULTS } from "@/catalog/faults";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { checksFor, debriefOf, exerciseOf, minutesOf, shownBy } from "./practice";

const made = (seed: number) => {
  const exercise = exerciseOf(FAULTS, SHIPPED_DISPLAYS, seed);
  if (!exercise) throw new Error(`no exercise ${seed}`);
  return exercise;
};
const SEEDS = Array.from({ length: 60 }, (_, i) => i + 1);

describe("finding faults for practice", () => {
  it("is the same for the same seed, and of many kinds over many", () => {
    expect(made(7).cause).toBe(made(7).cause);
    expect(new Set(SEEDS.map((seed) => made(seed).sign)).size).toBeGreaterThan(12);
    expect(new Set(SEEDS.map((seed) => made(seed).cause)).size).toBeGreaterThan(15);
  });
  it("can always be solved: some check shows the fault, and none of them shows it on every bike", () => {
    for (const seed of SEEDS) {
      const exercise = made(seed);
      const shown = checksFor(FAULTS, exercise.sign).filter(({ id }) => shownBy(exercise, id));
      expect(shown.length, `${seed} ${exercise.cause}`).toBeGreaterThan(0);
      expect(shown.length).toBeLessThan(checksFor(FAULTS, exercise.sign).length);
    }
  });
  it("ends with what it was, the time it took and how the finder went about it", () => {
    const right = SEEDS.filter((seed) => {
      const exercise = made(seed);
      const first = checksFor(FAULTS, exercise.sign)[0]?.id ?? "";
      const { isRight, minutes, finder } = debriefOf(FAULTS, exercise, [first], exercise.cause);
      expect(isRight).toBe(true);
      expect(minutes).toBe(minutesOf(FAULTS, [first]));
      expect(finder.minutes).toBeCloseTo(minutesOf(FAULTS, finder.checks), 9);
      expect(debriefOf(FAULTS, exercise, [], "none").isRight).toBe(false);
      return finder.isRight;
    });
    expect(right.length / SEEDS.length).toBeGreaterThan(0.9);
  });
});
