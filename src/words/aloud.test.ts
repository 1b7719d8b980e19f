// What is called across the stand: keys first, in order, then what must show.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { TARN } from "@/catalog/displays/tarn";
import { atHome, lineIndex, standInRaws } from "@/core/display";
import { cardSteps, planKeys, type CardStep } from "@/core/keys";
import { randomTargets } from "@/core/keys/testing";
import { seeded } from "@/core/units/seeded";
import { readingAloud, stepAloud } from "./aloud";

function stepsOf(profile = TARN, edit: (raws: readonly number[]) => readonly number[] = (raws) => raws) {
  const raws = standInRaws(profile);
  const plan = planKeys(profile, atHome(profile, raws), { targets: edit(raws) });
  if (!plan.ok) throw new Error(plan.problem.key);
  return cardSteps(profile, plan.strokes);
}

const SPEED_CAP = lineIndex(TARN, "53");
const capTo = (raw: number) =>
  stepsOf(TARN, (raws) => raws.with(SPEED_CAP, raw)).map((step) => stepAloud(TARN, step, []));

describe("a step said aloud", () => {
  it("says a chord, how long, and the line that comes up", () =>
    expect(capTo(25)[0]).toBe("Lamp and Plus, together, hold 1.8 seconds. It must show line 31, 0."));

  it("says small counts as words, and the value in the end", () => {
    const all = capTo((standInRaws(TARN)[SPEED_CAP] ?? 0) - 2);
    expect(all[1]).toMatch(/^Ring, \w+ taps?\. Minus, two taps\. It must show line 53, \d+\.$/);
  });

  it("says going dark and the home screen as what is seen", () => {
    const all = capTo(25).join(" ");
    expect(all).toContain("The home screen must come up.");
    expect(all).not.toMatch(/undefined|NaN|· |→|\+/);
  });

  it("asks for a line nobody has read, by its name", () => {
    const [, step] = stepsOf(TARN, (raws) => raws.with(SPEED_CAP, 25));
    expect(stepAloud(TARN, step as CardStep, [SPEED_CAP])).toMatch(/Line 53\. Say what it shows\.$/);
    expect(readingAloud(TARN, SPEED_CAP)).toBe("Line 53, Speed cap. What does it show?");
    expect(readingAloud(TARN, 999)).toBe("");
  });

  it.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))(
    "has words on %s for every step, short enough to be said before the menu closes",
    (_, profile) => {
      const random = seeded(12);
      const steps = [1, 2, 3].flatMap(() => stepsOf(profile, (raws) => randomTargets(profile, raws, random)));
      expect(steps.length).toBeGreaterThan(3);
      for (const step of steps) {
        const words = stepAloud(profile, step, []);
        expect(words).toMatch(/^[A-Z].*\.$/);
        expect(words).not.toMatch(/undefined|NaN/);
        // Some 15 letters a second at the voice's own rate; common practice, no source.
        expect(words.length / 15).toBeLessThan(20);
      }
    },
  );
});
