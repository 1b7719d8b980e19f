// The planner's lower bound: never above the truth, and near enough to it to be worth its time.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { atHome, checkProfile, type MenuState } from "../display";
import { lowerBound } from "./bound";
import { ChangeTable } from "./change";
import { aimOf, planKeys } from "./plan";
import { pick, randomRaws, randomTargets, smallProfile } from "./testing";
import { seeded } from "../units/seeded";
import { strokeMs } from "./strokes";

/** The bound at every state of a plan, against the time the plan still takes from there. */
function boundsAlong(profile: Parameters<typeof planKeys>[0], start: MenuState, targets: readonly number[]) {
  const plan = planKeys(profile, start, { targets });
  if (!plan.ok) return [];
  const bound = lowerBound(profile, aimOf(profile, { targets }), ChangeTable.of(profile));
  let left = plan.totalMs;
  return plan.strokes.map(({ stroke, before }) => {
    const at = { state: before, toLook: new Set<number>(), discarding: false };
    const row = { bound: bound.from(at), left };
    left -= strokeMs(stroke);
    return row;
  });
}

describe("the lower bound", () => {
  it(
    "is never above what is really left, anywhere along a plan, on menus of " +
      "every shape and from the middle of them",
    () => {
      const random = seeded(77);
      for (let i = 0; i < 800; i++) {
        const profile = smallProfile(random, i % 2 === 0 ? 3 : 14);
        if (checkProfile(profile).length > 0) continue;
        const home = atHome(profile, randomRaws(profile, random));
        const page = pick(random, 0, profile.menu.pages.length - 1);
        const at = pick(random, 0, (profile.menu.pages[page]?.entries.length ?? 1) - 1);
        const start: MenuState = i % 3 === 0 ? { ...home, screen: { kind: "menu", page, at, draft: null } } : home;
        for (const { bound, left } of boundsAlong(profile, start, randomTargets(profile, home.saved, random)))
          expect(bound, `menu ${i}`).toBeLessThanOrEqual(left + 1e-6);
      }
    },
  );
  it.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))(
    "is near the truth at the start on %s",
    (_, profile) => {
      const random = seeded(78);
      for (let i = 0; i < 10; i++) {
        const start = atHome(profile, randomRaws(profile, random));
        const [first] = boundsAlong(profile, start, randomTargets(profile, start.saved, random));
        if (!first) continue;
        expect(first.bound).toBeLessThanOrEqual(first.left + 1e-6);
        expect(first.bound / first.left).toBeGreaterThan(0.85);
      }
    },
  );
});
