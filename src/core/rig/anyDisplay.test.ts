// Any display stands on the bench: one described a minute ago with no line at all, and menus nobody chose.
import { describe, expect, it } from "vitest";
import { BENCH_KITS } from "@/catalog/rig/kits";
import { atHome, newProfile, rawValues, standInRaws, linesOf, type DisplayProfile } from "../display";
import { smallProfile } from "../keys/testing";
import { seeded } from "../units/seeded";
import { atRest, HANDS_OFF, kitFor, liveAfter, liveBike, obeyedNow, readingsOf } from ".";

const profiles: readonly (readonly [string, DisplayProfile])[] = [
  ["a display of no lines", newProfile("bare", "Bare")],
  ...Array.from({ length: 40 }, (_, i) => [`menu ${i + 1}`, smallProfile(seeded(i + 1))] as const),
];

describe("any display on the bench", () => {
  it.each(profiles)("%s rides, brakes and shows figures", (_, profile) => {
    const random = seeded(7);
    const kit = kitFor(profile, BENCH_KITS, 1);
    const bike = kit && liveBike(profile, kit);
    if (!bike) throw new Error("no bike");
    // As it comes, and with every line at any value it can hold.
    const any = linesOf(profile).map(({ encoding }, i) => {
      const raws = rawValues(encoding);
      return raws[Math.floor(random() * raws.length)] ?? standInRaws(profile)[i] ?? 0;
    });
    for (const raws of [standInRaws(profile), any]) {
      let live = atRest(bike, { ...atHome(profile, raws), level: 2 });
      for (let i = 0; i < 40; i++)
        live = liveAfter(
          bike,
          live,
          { ...HANDS_OFF, wheelUp: false, pedals: "forward", throttle: random(), brake: i % 9 === 8, grade: 0.02 },
          200,
        );
      const { shownSpeed, bars } = readingsOf(bike, live);
      const figures = [live.speedKmh, live.packV, live.batteryA, live.charge, shownSpeed, bars];
      for (const figure of [...figures, obeyedNow(bike, live.menu).batteryA]) expect(figure).toBeGreaterThanOrEqual(0);
      for (const figure of figures) expect(Number.isFinite(figure)).toBe(true);
      expect(live.speedKmh).toBeLessThan(80);
    }
  });
});
