// The planner's lower bound: never above the truth, and near enough to it to be worth its time.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { atHome, checkProfile, isShown, linesOf, rawValues, type MenuState } from "../display";
import { lowerBound } from "./bound";
import { ChangeTable } from "./change";
import { planKeys, type Aim } from "./plan";
import { randomRaws, randomTargets, smallProfile } from "./testing";
import { seeded } from "../units/seeded";
import { strokeMs } from "./strokes";

const aimFor = (profile: Parameters<typeof planKeys>[0], targets: readonly number[]): Aim => {
  const required = linesOf(profile).flatMap((line, i) => (rawValues(line.encoding).length > 0 && isShown(profile, i, targets) ? [i] : []));
  return { targets, required, isRequired: (line) => required.includes(line), isController: (line) => linesOf(profile).some((other) => other.shownWhen?.line === linesOf(profile)[line]?.code) };
};

/** The bound at every state of a plan, against the time the plan still takes from there. */
function boundsAlong(profile: Parameters<typeof planKeys>[0], start: MenuState, targets: readonly number[]) {
  const plan = planKeys(profile, start, { targets });
  if (!plan.ok) return [];
  const estimate = lowerBound(profile, aimFor(profile, targets), ChangeTable.of(profile));
  let left = plan.totalMs;
  return plan.strokes.map(({ stroke, before }) => {
    const bound = estimate({ state: before, toLook: new Set(), discarding: false, costMs: 0, via: null });
    const row = { bound, left };
    left -= strokeMs(stroke);
    return row;
  });
}

describe("the lower bound", () => {
  it("is never above what is really left, anywhere along a plan, on menus of every shape", () => {
    const random = seeded(77);
    for (let i = 0; i < 400; i++) {
      const profile = smallProfile(random);
      if (checkProfile(profile).length > 0) continue;
      const start = atHome(profile, randomRaws(profile, random));
      // Only before a value is half stepped: within a change the search does not stop.
      const [first] = boundsAlong(profile, start, randomTargets(profile, start.saved, random));
      if (first) expect(first.bound, `menu ${i}`).toBeLessThanOrEqual(first.left + 1e-6);
    }
  });
  it.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))("is near the truth at the start on %s", (_, profile) => {
    const random = seeded(78);
    for (let i = 0; i < 10; i++) {
      const start = atHome(profile, randomRaws(profile, random));
      const [first] = boundsAlong(profile, start, randomTargets(profile, start.saved, random));
      if (!first) continue;
      expect(first.bound).toBeLessThanOrEqual(first.left + 1e-6);
      expect(first.bound / first.left).toBeGreaterThan(0.85);
    }
  });
});
