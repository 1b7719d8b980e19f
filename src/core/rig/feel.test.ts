import { describe, expect, it } from "vitest";
import { BRACKEN } from "@/catalog/displays/bracken";
import { LATHE } from "@/catalog/displays/lathe";
import { BENCH_KITS } from "@/catalog/rig/kits";
import { modesOffered, bestMode } from "../benches/modesOffered";
import { decoded } from "../applied";
import { lineIndex, linesOf, rawValues, standInRaws } from "../display";
import { readBike } from "../facts/bike";
import { readFacts } from "../facts/everyFact";
import { steadySpeedKmh, steepestGrade } from "../ride";
import { rideOf } from "../benches/rideOf";
import { feelOf } from "./feel";

const NONE = { kind: "reserved", setting: null, rawMin: 0, rawMax: 0 } as const;
const KIT = { ...BENCH_KITS[0], packV: "36" };
const CAP = { kind: "true", shownKmh: 25, kmh: { nominal: 25, low: 25, high: 25 }, unitOpen: false } as const;
const RAWS = standInRaws(LATHE);
const at = (code: string): number => lineIndex(LATHE, code);
const feltOn = (raws: readonly number[], typed: Readonly<Record<string, string>> = KIT, measuredWith = raws) => {
  const feel = feelOf(LATHE, typed, { raws, cap: CAP }, measuredWith);
  if (!feel) throw new Error("no ride");
  return feel;
};

describe("as it will feel", () => {
  it("waits as long as pulses and delay ask, and kicks less with a softer ramp", () => {
    const now = feltOn(RAWS.with(at("r26"), 3).with(at("r27"), 0));
    const late = feltOn(RAWS.with(at("r26"), 12).with(at("r27"), 0));
    // Three and twelve of twelve pulses at a turn a second.
    expect(now.start.waitS).toBeCloseTo(0.25, 1);
    expect(late.start.waitS).toBeCloseTo(1.025, 1);
    expect(late.start.toTenS ?? 0).toBeGreaterThan(now.start.toTenS ?? Infinity);
    const kicks = [...rawValues(linesOf(LATHE)[at("r29")]?.encoding ?? NONE)]
      .map((raw) => RAWS.with(at("r29"), raw))
      .toSorted((a, b) => Number(decoded(LATHE, a, "rampSoftness")) - Number(decoded(LATHE, b, "rampSoftness")))
      .map((raws) => feltOn(raws).start.kickN);
    expect(kicks).toEqual(kicks.toSorted((a, b) => b - a));
    expect(kicks.at(-1) ?? 0).toBeLessThan((kicks[0] ?? 0) * 0.9);
    expect(now.start.points.at(-1)?.s).toBeCloseTo(8, 6);
  });
  it("climbs at walking pace just what the forces say, and level 0 less than any", () => {
    const feel = feltOn(RAWS);
    const bike = readBike(readFacts(KIT)).bike;
    const reading = rideOf({ bike, facts: readFacts(KIT), on: { profile: LATHE, raws: RAWS }, cap: CAP });
    if (!reading.ok) throw new Error("no ride");
    const { setup, road, levels } = reading.ride;
    for (const { level, climbs } of feel.levels) {
      const drive = levels[level]?.drive ?? { kind: "off" };
      expect(steadySpeedKmh(setup, drive, { ...road, grade: climbs })).toBeCloseTo(6, 1);
      expect(steepestGrade(setup, drive, road, 20)).toBeLessThan(climbs);
    }
    expect(feel.levels.map(({ climbs }) => climbs)).toEqual(
      feel.levels.map(({ climbs }) => climbs).toSorted((a, b) => a - b),
    );
    expect(feel.levels[0]?.rangeKm).toBeNull();
    // Worked by hand: 100 W through the chain at 6 km/h push 57 N; 102 kg, rolling 8 N: about 4.9 %.
    expect(feel.levels[0]?.climbs).toBeCloseTo(0.049, 2);
  });
  it("takes measured speeds for the lines they were measured with, and foretells the others", () => {
    const typed = { ...KIT, measuredSpeeds: "12 15 18 21 24" };
    expect(feltOn(RAWS, typed).levels.map(({ measured }) => measured)).toEqual([false, true, true, true, true, true]);
    expect(feltOn(RAWS, typed).levels[1]?.kmh).toBe(12);
    const changed = feltOn(RAWS.with(at("r17"), 1), typed, RAWS);
    expect(changed.levels.every(({ measured }) => !measured)).toBe(true);
  });
  it("names what it takes as usual, and crawls slower than it rides", () => {
    expect(feltOn(RAWS).usual).toEqual([]);
    const bracken = standInRaws(BRACKEN);
    const feel = feelOf(BRACKEN, KIT, { raws: bracken, cap: CAP }, bracken);
    expect(feel?.usual).toEqual(["startStrengthShare"]);
    expect(feel?.crawlKmh).toBeLessThan(feel?.levels[1]?.kmh ?? 0);
    expect(feelOf(BRACKEN, {}, { raws: bracken, cap: CAP }, bracken)).toBeNull();
  });
});

describe("the modes a display offers", () => {
  const facts = readFacts({ ...KIT, measuredLadders: "15 20 24.8" });
  const modes = modesOffered({
    profile: BRACKEN,
    bike: readBike(facts).bike,
    facts,
    raws: standInRaws(BRACKEN),
    cap: CAP,
  });
  it("are 3, 5 and 9 on a display of such, as measured where somebody did", () => {
    expect(modes.map(({ levels, from }) => [levels, from])).toEqual([
      [3, "measured"],
      [5, "foretold"],
      [9, "foretold"],
    ]);
    expect(modes[0]?.speedsKmh).toEqual([15, 20, 24.8]);
    expect(modes[2]?.speedsKmh).toHaveLength(9);
    expect(bestMode(modes)?.real).toBe(Math.max(...modes.map(({ real }) => real)));
    expect(bestMode(modes.slice(0, 1))).toBeNull();
  });
});
