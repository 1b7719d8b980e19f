// What a plan costs to find, counted, since a clock proves nothing: states gone on from, at worst and on the whole.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { atHome } from "../display";
import { planKeys } from "./plan";
import { randomRaws, randomTargets } from "./testing";
import { seeded } from "../units/seeded";

/** At most so many, of 200 seeded pairs: the worst, and the mean. A display is added with what it takes. */
const MOST: Readonly<Record<string, { readonly worst: number; readonly mean: number }>> = {
  Tarn: { worst: 20, mean: 16.3 },
  Skerry: { worst: 30, mean: 27.8 },
  Bracken: { worst: 49, mean: 27.3 },
  Ostler: { worst: 37, mean: 21.6 },
  Pinfold: { worst: 53, mean: 20.9 },
  Windrow: { worst: 153, mean: 53.9 },
  Quillon: { worst: 28, mean: 25.1 },
  Lathe: { worst: 61, mean: 53.9 },
  // Its key that confirms and goes on makes passing a wrong line worth trying.
  Marram: { worst: 2070, mean: 363.7 },
};

describe("expansions of a plan", () => {
  it.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))("on %s", (name, profile) => {
    const random = seeded(5);
    const counts = Array.from({ length: 200 }, () => {
      const from = randomRaws(profile, random);
      const plan = planKeys(profile, atHome(profile, from), { targets: randomTargets(profile, from, random) });
      return plan.ok ? plan.expansions : Number.NaN;
    });
    const mean = counts.reduce((sum, count) => sum + count, 0) / counts.length;
    const most = MOST[name];
    expect(Math.max(...counts)).toBeLessThanOrEqual(most?.worst ?? 0);
    expect(mean).toBeLessThanOrEqual(most?.mean ?? 0);
  });
});
