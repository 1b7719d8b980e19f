import { describe, expect, it } from "vitest";
import type { Decoded } from "../display";
import { cautionsOf } from "./cautions";

const row = (from: Decoded | null, to: Decoded | null) => ({
  inForce: from && { raw: 0, shows: "", means: from },
  target: to && { raw: 1, shows: "", means: to },
});
const of = (from: Decoded | null, to: Decoded | null) => cautionsOf(row(from, to));

describe("what the change of a line asks to bear in mind", () => {
  it("is speed or current where a cap or a current goes up, no cap counting as more than any", () => {
    expect(of({ assistCapKmh: 25 }, { assistCapKmh: 32 })).toEqual(["more-speed"]);
    expect(of({ assistCapKmh: 25 }, { assistCapKmh: "uncapped" })).toEqual(["more-speed"]);
    expect(of({ currentShare: 0.6, rampSoftness: 0.2 }, { currentShare: 1, rampSoftness: 0.6 })).toEqual([
      "more-current",
    ]);
    expect(of({ assistCapKmh: 25, currentLimitA: 12 }, { assistCapKmh: 32, currentLimitA: 15 })).toEqual([
      "more-speed",
      "more-current",
    ]);
  });
  it("is the battery where its volts, its cut-off or its cells are planned otherwise, either way", () => {
    expect(of({ cutOffV: 40 }, { cutOffV: 41 })).toEqual(["volts"]);
    expect(of({ nominalV: 48 }, { nominalV: 36 })).toEqual(["volts"]);
    expect(of(null, { nominalV: 36 })).toEqual(["volts"]);
    expect(of({ packChemistry: "nmc" }, { packChemistry: "lfp" })).toEqual(["volts"]);
    expect(of({ nominalV: 48 }, { nominalV: 48 })).toEqual([]);
  });
  it("is the lock wherever a number at start is planned, changed or not", () => {
    expect(of({ startPinOn: true }, { startPinOn: true })).toEqual(["lock"]);
    expect(of({ startPinOn: true }, { startPinOn: false })).toEqual([]);
  });
  it("is nothing that goes down, stays, is not known, or is safer for being more", () => {
    expect(of({ assistCapKmh: "uncapped" }, { assistCapKmh: 25 })).toEqual([]);
    expect(of({ currentLimitA: 15 }, { currentLimitA: 15 })).toEqual([]);
    expect(of(null, { currentLimitA: 15 })).toEqual([]);
    expect(of({ assistCapKmh: 25 }, null)).toEqual([]);
    expect(of({ circumferenceMm: 2000 }, { circumferenceMm: 2200 })).toEqual([]);
  });
});
