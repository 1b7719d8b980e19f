import { describe, expect, it } from "vitest";
import { SKERRY } from "@/catalog/displays/skerry";
import { WINDROW } from "@/catalog/displays/windrow";
import { TARN } from "@/catalog/displays/tarn";
import { atHome, standInRaws, lineIndex, switchedOff } from "../display";
import { AT_REST, readingsOf, RIG, rigAfter, type RigState } from "./rig";

const tarn = atHome(TARN, standInRaws(TARN).with(lineIndex(TARN, "53"), 25));
const pedalled: RigState = { speedKmh: 0, pedalling: true };
const settle = (state = tarn, rig = pedalled) =>
  Array.from({ length: 200 }).reduce<RigState>((now) => rigAfter(TARN, state, now, 100), rig);

describe("the simple rig", () => {
  it("stands still until somebody pedals, and coasts to rest", () => {
    expect(settle(tarn, AT_REST).speedKmh).toBe(0);
    expect(settle(tarn, { speedKmh: 20, pedalling: false }).speedKmh).toBe(0);
  });
  it("goes faster with each level, and no faster than where the cap really ends assist", () => {
    const at = (level: number) => settle({ ...tarn, level }).speedKmh;
    expect(at(0)).toBeCloseTo(RIG.pedalledKmh, 1);
    expect(at(3)).toBeGreaterThan(at(1));
    // Wheel code 26 on a 28-inch wheel reads 4.8 % low: 25 is really 26.3.
    expect(at(6)).toBeCloseTo((25 * RIG.rolloutMm) / (26 * 25.4 * Math.PI), 1);
    expect(readingsOf(TARN, tarn, { speedKmh: at(6), pedalling: true }).shownSpeed).toBeCloseTo(25, 1);
  });
  it("walks while walk assist is held, and does nothing in the dark", () => {
    expect(settle({ ...tarn, screen: { kind: "walk-assist" } }, AT_REST).speedKmh).toBeCloseTo(RIG.walkKmh, 1);
    expect(settle(switchedOff(TARN, standInRaws(TARN)), pedalled).speedKmh).toBe(0);
  });
  it("shows volts or per cent, miles or kilometres, as the display is set, and tells the machine that the wheel turns", () => {
    expect(readingsOf(TARN, tarn, AT_REST)).toMatchObject({
      unit: "kmh",
      gauge: { kind: "percent" },
      wheelTurns: false,
    });
    const volts = atHome(TARN, standInRaws(TARN).with(lineIndex(TARN, "64"), 0).with(lineIndex(TARN, "63"), 0));
    const readings = readingsOf(TARN, volts, { speedKmh: 16.09344, pedalling: true });
    expect(readings).toMatchObject({ unit: "mph", wheelTurns: true });
    expect(readings.gauge.kind === "volts" && readings.gauge.volts).toBeCloseTo(51.8, 0);
    // The pick-up gives what the maker expects, so a pod set for six pulses reads right as it comes.
    expect(
      readingsOf(WINDROW, atHome(WINDROW, standInRaws(WINDROW)), { speedKmh: 20, pedalling: true }).shownSpeed,
    ).toBeCloseTo((20 * 2090) / 2180, 1);
    expect(
      readingsOf(SKERRY, atHome(SKERRY, standInRaws(SKERRY)), { speedKmh: 21.8, pedalling: true }).shownSpeed,
    ).toBeCloseTo(21, 1);
  });
});
