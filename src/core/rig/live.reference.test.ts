// The bench against the ride model, whose own checks against the world stand in ride.reference.test.ts, and against the
// menu machine: same speeds, same keys.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { BENCH_KITS } from "@/catalog/rig/kits";
import { atHome, rawValues, standInRaws, linesOf } from "../display";
import { planKeys, type Stroke } from "../keys";
import { play } from "../keys/pressing";
import { KEY_COSTS, strokeMs, heldMs } from "../keys/strokes";
import type { Drive } from "../ride";
import { startUp, steadySpeedKmh, type RideSetup } from "../ride/steady";
import { atRest, HANDS_OFF, keysHeld, kitFor, liveAfter, liveBike, obeyedNow, type Live, type LiveBike } from ".";

/** A bike whose pack stays as full as it is, so that a speed can settle. */
const steadyBike = (profile: (typeof SHIPPED_DISPLAYS)[number], at = 0): LiveBike => {
  const kit = kitFor(profile, BENCH_KITS, at);
  const bike = kit && liveBike(profile, kit);
  if (!bike) throw new Error(`no bike behind ${profile.name}`);
  return { ...bike, packWh: 1e9 };
};
const RIDING = { ...HANDS_OFF, pedals: "forward", wheelUp: false } as const;
const ridden = (bike: LiveBike, live: Live, seconds: number, hands: Parameters<typeof liveAfter>[2] = RIDING): Live => {
  let now = live;
  for (let i = 0; i < seconds * 4; i++) now = liveAfter(bike, now, hands, 250);
  return now;
};
/** The ride model's own setup under the lines in force. */
const modelOf = (bike: LiveBike, { menu, charge }: Live): RideSetup => {
  const { assistEndKmh, batteryA } = obeyedNow(bike, menu);
  const { setup } = bike.ride;
  const openCircuitV = atRest(bike, menu, charge).packV;
  return {
    ...setup,
    capKmh: assistEndKmh,
    kit: { ...setup.kit, batteryA, pack: { openCircuitV, resistanceOhm: setup.kit.pack.resistanceOhm } },
  };
};

describe("the bench and the ride model", () => {
  it.each(SHIPPED_DISPLAYS.map((profile, i) => [profile.name, profile, i] as const))(
    "settle at the same speed on every level of %s, on the flat and uphill",
    (_, profile, i) => {
      const bike = steadyBike(profile, i);
      for (const level of [profile.levels.lowest, 2, 3])
        for (const grade of [0, 0.04]) {
          const menu = { ...atHome(profile, standInRaws(profile)), level };
          const live = atRest(bike, menu, 0.95);
          const { drives, assistOn, start } = obeyedNow(bike, menu);
          const helps = assistOn && start.direction === "forward";
          const drive: Drive = (helps ? drives[level] : undefined) ?? { kind: "off" };
          const model = steadySpeedKmh(modelOf(bike, live), drive, { ...bike.ride.road, grade });
          // Begun off its speed on purpose: the bench has to come to it.
          const settled = ridden(bike, { ...live, speedKmh: model + 2 }, 60, { ...RIDING, grade });
          if (settled.cutOut) continue;
          expect(Math.abs(settled.speedKmh - model), `level ${level}, ${grade}`).toBeLessThan(0.15);
        }
    },
  );
  it("take as long to 10 km/h without help", () => {
    const [profile] = SHIPPED_DISPLAYS;
    if (!profile) throw new Error("no display");
    const bike = steadyBike(profile);
    const menu = { ...atHome(profile, standInRaws(profile)), level: 0 };
    const start = atRest(bike, menu);
    const model = startUp(modelOf(bike, start), { kind: "off" }, { ...bike.ride.road, grade: 0 });
    let live = start;
    let ms = 0;
    while (live.speedKmh < 10 && ms < 60_000) {
      live = liveAfter(bike, live, RIDING, 2);
      ms += 2;
    }
    expect(ms / 1000).toBeCloseTo(model?.seconds ?? 0, 1);
    expect(live.metres).toBeCloseTo(model?.metres ?? 0, 0);
  });
});

/** A stroke made by keys that go down and up on the bench. */
const struck = (bike: LiveBike, live: Live, stroke: Stroke): Live => {
  const wait = (now: Live, ms: number) => {
    let [next, left] = [now, ms];
    for (; left > 0; left -= 200) next = liveAfter(bike, next, HANDS_OFF, Math.min(200, left));
    return next;
  };
  if (stroke.kind === "wait") return wait(live, stroke.ms);
  const down = (now: Live, ms: number) => keysHeld(bike, wait(keysHeld(bike, now, stroke.keys), ms), []);
  if (stroke.kind === "double-tap") {
    const first = wait(down(live, KEY_COSTS.tapHeldMs), KEY_COSTS.doubleTapGapMs);
    return wait(down(first, KEY_COSTS.tapHeldMs), strokeMs(stroke) - 2 * KEY_COSTS.tapHeldMs - 100);
  }
  if (stroke.kind === "keep-holding") return { ...live, menu: play(bike.profile, live.menu, stroke) };
  return wait(down(live, heldMs(stroke)), strokeMs(stroke) - heldMs(stroke));
};

describe("the bench and the menu machine", () => {
  it.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))(
    "do the same with the planner's own keys on %s",
    (_, profile) => {
      const bike = steadyBike(profile);
      const raws = standInRaws(profile);
      const lines = linesOf(profile);
      // Three lines of the menu moved by one.
      const targets = lines.reduce<readonly number[]>((now, { encoding }, i) => {
        const all = rawValues(encoding);
        const other = all[(all.indexOf(raws[i] ?? 0) + 1) % Math.max(1, all.length)];
        return i % 5 === 2 && all.length > 1 && other !== undefined ? now.with(i, other) : now;
      }, raws);
      const plan = planKeys(profile, atHome(profile, raws), { targets });
      if (!plan.ok) throw new Error(plan.problem.key);
      const end = plan.strokes.reduce(
        (live, { stroke }) => struck(bike, live, stroke),
        atRest(bike, atHome(profile, raws)),
      );
      expect(end.menu.screen).toEqual(plan.end.screen);
      expect(end.menu.saved).toEqual(plan.end.saved);
      expect(end.menu.inForce).toEqual(plan.end.inForce);
    },
  );
  it("come to the same however often they are looked at", () => {
    const [profile] = SHIPPED_DISPLAYS;
    if (!profile) throw new Error("no display");
    const bike = steadyBike(profile);
    const start = atRest(bike, { ...atHome(profile, standInRaws(profile)), level: 3 });
    const whole = ridden(bike, start, 2);
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 240 }), { minLength: 9, maxLength: 40 }), (parts) => {
        let [live, left] = [start, 2000];
        for (let i = 0; left > 0; i++) {
          const ms = Math.min(left, parts[i % parts.length] ?? 1);
          live = liveAfter(bike, live, RIDING, ms);
          left -= ms;
        }
        expect(live).toEqual(whole);
      }),
      { numRuns: 40 },
    );
  });
});
