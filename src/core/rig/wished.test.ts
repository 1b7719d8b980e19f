// What a wish moves in the plan, the bike on the bench is seen to do: softer, later, sooner, slower, farther.
import { describe, expect, it } from "vitest";
import { classById } from "@/catalog/classes/classes";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { BENCH_KITS } from "@/catalog/rig/kits";
import { atHome, linesOf, rawValues, settingsOf, standInRaws, type DisplayProfile, type SettingKey } from "../display";
import { levelAtPowerOn } from "../display/menuState";
import { readIntake, WISH_IDS, type WishId } from "../facts";
import { makeSheet, type Sheet } from "../sheet";
import { atRest, HANDS_OFF, kitFor, liveAfter, liveBike, type Hands, type LiveBike } from ".";

const ROAD: Hands = { ...HANDS_OFF, wheelUp: false, pedals: "forward" };

/** Motor's push over the first seconds of pedalling from a standstill, Ns. */
function firstPush(bike: LiveBike, raws: readonly number[], hands: Hands = ROAD): number {
  let live = atRest(bike, { ...atHome(bike.profile, raws), level: 1 });
  let pushNs = 0;
  for (let i = 0; i < 140; i++) {
    live = liveAfter(bike, live, hands, 50);
    pushNs += live.motorN * 0.05;
  }
  return pushNs;
}

/** Steady speed of a level on the road, km/h, and what it draws, A. */
function ridden(bike: LiveBike, raws: readonly number[], level: number, grade = 0) {
  let live = atRest(bike, { ...atHome(bike.profile, raws), level });
  for (let i = 0; i < 100; i++) live = liveAfter(bike, live, { ...ROAD, grade }, 200);
  return { kmh: live.speedKmh, amps: live.batteryA };
}

/** Pushes of the first seconds of pedalling in a level, N, one each 20 ms. */
function pushes(bike: LiveBike, raws: readonly number[], level = 1): readonly number[] {
  let live = atRest(bike, { ...atHome(bike.profile, raws), level });
  return Array.from({ length: 200 }, () => {
    live = liveAfter(bike, live, ROAD, 20);
    return live.motorN;
  });
}

/** Ticks from a standstill to the first push, and from there to nine tenths of the hardest. */
function startOf(bike: LiveBike, raws: readonly number[]) {
  const all = pushes(bike, raws);
  const at = all.findIndex((n) => n > 1);
  // A start set so late that nothing comes at all is later than any.
  const first = at === -1 ? all.length : at;
  const full = all.findIndex((n) => n >= 0.9 * Math.max(...all));
  return { first, ramp: full - first };
}

/** Push once it was switched off in level 3 and on again, and the rider only pedals. */
function pushSwitchedOn(bike: LiveBike, raws: readonly number[]): number {
  const left = { ...atHome(bike.profile, raws), level: 3 };
  return pushes(bike, raws, levelAtPowerOn(bike.profile, left)).reduce((sum, n) => sum + n, 0);
}

/** How far the gauge has dipped after five seconds of a steep hill in the top level, V. */
function gaugeDip(bike: LiveBike, raws: readonly number[]): number {
  const start = atRest(bike, { ...atHome(bike.profile, raws), level: 5 });
  let live = start;
  for (let i = 0; i < 100; i++) live = liveAfter(bike, live, { ...ROAD, grade: HILL }, 50);
  return start.gaugeV - live.gaugeV;
}

const HILL = 0.09;
const top = (bike: LiveBike, raws: readonly number[]) => ridden(bike, raws, 3).kmh;
const MEASURES = {
  push: firstPush,
  "throttle alone": (bike: LiveBike, raws: readonly number[]) =>
    firstPush(bike, raws, { ...HANDS_OFF, wheelUp: false, throttle: 1 }),
  "first push": (bike: LiveBike, raws: readonly number[]) => startOf(bike, raws).first,
  ramp: (bike: LiveBike, raws: readonly number[]) => startOf(bike, raws).ramp,
  "switched on": pushSwitchedOn,
  "gauge dips": gaugeDip,
  "level 1": (bike: LiveBike, raws: readonly number[]) => ridden(bike, raws, 1).kmh,
  top,
  climb: (bike: LiveBike, raws: readonly number[]) => ridden(bike, raws, 3, HILL).kmh,
  "amps on a hill": (bike: LiveBike, raws: readonly number[]) => ridden(bike, raws, 3, HILL).amps,
} as const;

/** What each wish is to be seen by, where one of these settings was moved for it. */
const SEEN_BY: readonly (readonly [WishId, keyof typeof MEASURES, "less" | "more", readonly SettingKey[]])[] = [
  [
    "kicks-hard",
    "push",
    "less",
    ["startStrengthShare", "rampSoftness", "startPulses", "startReadiness", "startDelayS"],
  ],
  ["child-aboard", "push", "less", ["startStrengthShare", "rampSoftness", "startPulses", "startReadiness"]],
  ["rental", "push", "less", ["startStrengthShare", "rampSoftness"]],
  ["surges", "push", "less", ["rampSoftness"]],
  ["late", "push", "more", ["startPulses", "startReadiness", "startDelayS"]],
  ["traffic-lights", "push", "more", ["startPulses", "startReadiness", "startDelayS"]],
  ["cargo", "push", "more", ["startStrengthShare", "rampSoftness", "share1"]],
  ["mud-and-sand", "push", "more", ["startStrengthShare", "rampSoftness", "startPulses"]],
  ["heavy", "push", "more", ["startStrengthShare", "rampSoftness", "share1"]],
  ["hills", "push", "more", ["startStrengthShare", "rampSoftness", "share1"]],
  ["delivery", "push", "more", ["startPulses", "startReadiness", "startDelayS", "share1"]],
  ["delivery", "switched on", "more", ["levelAtPowerOn"]],
  ["fleet", "switched on", "less", ["levelAtPowerOn"]],
  ["rental", "switched on", "less", ["levelAtPowerOn"]],
  ["trail", "ramp", "more", ["rampSoftness"]],
  ["trail", "first push", "less", ["startPulses", "startReadiness", "startDelayS"]],
  ["cuts-out", "amps on a hill", "less", ["currentLimitA", "currentShare"]],
  ["gauge-lies", "gauge dips", "less", ["gaugeAveragingS"]],
  ["fast-in-one", "level 1", "less", ["share1", "strengthCurve"]],
  ["weak-on-hills", "climb", "more", ["share3", "strengthCurve"]],
  ["younger-rider", "top", "less", ["assistCapKmh", "capPowerShare"]],
  ["range-first", "amps on a hill", "less", ["share3", "currentLimitA", "currentShare"]],
  ["start-without-pedalling", "throttle alone", "more", ["throttleMode", "throttleFromStandstill"]],
];

function planned(profile: DisplayProfile, found: readonly number[], wishes: readonly WishId[]): Sheet {
  const kit = kitFor(profile, BENCH_KITS, 0) ?? {};
  const rule = classById("us-class-2");
  return makeSheet({
    profile,
    bike: readIntake({ ...kit, wishes: wishes.join(" ") }).bike,
    choice: rule && { rule, acceptedKmh: null },
    asFound: found,
    inForce: found,
    byHand: { overrides: {}, unlocked: {} },
  });
}

/** Values a display may be found with: as its maker has it, and with every line of these settings at its last. */
function founds(profile: DisplayProfile, settings: readonly SettingKey[]): readonly (readonly number[])[] {
  const made = standInRaws(profile);
  const ends = (at: 0 | -1) =>
    linesOf(profile).map((line, i) =>
      settingsOf(line).some((setting) => settings.includes(setting)) && line.encoding.kind !== "bundle"
        ? (rawValues(line.encoding).at(at) ?? made[i] ?? 0)
        : (made[i] ?? 0),
    );
  return [made, ends(0), ends(-1)];
}

const felt = new Set<WishId>();

describe.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))(
  "wishes at the bench, %s",
  (_, profile) => {
    const bike = liveBike(profile, kitFor(profile, BENCH_KITS, 0) ?? {});
    if (!bike) throw new Error("no bike");
    it("are felt the way they were asked", () => {
      const seen: string[] = [];
      for (const [wish, measure, way, settings] of SEEN_BY)
        for (const found of founds(profile, settings)) {
          const [before, after] = [planned(profile, found, []), planned(profile, found, [wish])];
          const isMoved = after.wishes.granted.some(
            ({ setting, fate }) => fate.kind === "moved" && settings.includes(setting),
          );
          if (!isMoved) continue;
          const [was, is] = [before, after].map(({ target }) =>
            MEASURES[measure](
              bike,
              target.raws.map((raw) => raw ?? 0),
            ),
          );
          seen.push(wish);
          felt.add(wish);
          const name = `${wish}: ${measure}`;
          if (way === "less") expect(is, name).toBeLessThan(was ?? 0);
          else expect(is, name).toBeGreaterThan(was ?? 0);
        }
      expect(seen.length, "wishes seen").toBeGreaterThan(0);
    });
  },
);

it("every wish is felt on some display, but for a fleet’s", () => {
  // Its level at power-on is the plan’s own for everybody; when it switches itself off and what it counts is not felt.
  expect(WISH_IDS.filter((wish) => !felt.has(wish))).toEqual(["fleet"]);
});
