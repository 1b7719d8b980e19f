import { describe, expect, it } from "vitest";
import { OSTLER } from "@/catalog/displays/ostler";
import { QUILLON } from "@/catalog/displays/quillon";
import { SKERRY } from "@/catalog/displays/skerry";
import { TARN } from "@/catalog/displays/tarn";
import { WINDROW } from "@/catalog/displays/windrow";
import { atHome, standInRaws, isShown, type DisplayProfile } from "../display";
import { planKeys } from "./plan";
import { restoreAndReapply } from "./restore";
import { randomRaws, randomTargets } from "./testing";
import { seeded } from "../units/seeded";

describe("restore and reapply", () => {
  it.each<[string, DisplayProfile]>([
    ["by a menu action that asks", SKERRY],
    ["by a yes or no in a group", WINDROW],
    ["by a chord that means it only later", OSTLER],
    ["by keys held through power-on", QUILLON],
  ])("%s", (_, profile) => {
    const random = seeded(5);
    const from = randomRaws(profile, random);
    const targets = randomTargets(profile, standInRaws(profile), random);
    const plan = restoreAndReapply(profile, atHome(profile, from), { targets });
    if (!plan) throw new Error("no way to restore");
    const restored = plan.restore.at(-1)?.after;
    expect(restored?.saved).toEqual(standInRaws(profile));
    const end = plan.reapply.at(-1)?.after ?? restored;
    targets.forEach((raw, line) => isShown(profile, line, targets) && expect(end?.inForce[line]).toBe(raw));
  });
  it("is never part of an ordinary plan, and is not offered where the display has none", () => {
    const plan = planKeys(SKERRY, atHome(SKERRY, standInRaws(SKERRY).with(1, 5)), { targets: standInRaws(SKERRY) });
    expect(plan.ok && plan.strokes.every(({ after }) => after.done.length === 0)).toBe(true);
    expect(restoreAndReapply(TARN, atHome(TARN, standInRaws(TARN)), { targets: standInRaws(TARN) })).toBeNull();
  });
});
