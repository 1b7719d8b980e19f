import { describe, expect, it } from "vitest";
import type { Decoded } from "../display";
import { raisedBy } from "./raised";

const row = (from: Decoded | null, to: Decoded | null) => ({
  inForce: from && { raw: 0, shows: "", means: from },
  target: to && { raw: 1, shows: "", means: to },
});

describe("what a plan raises", () => {
  it("is a cap or a current that goes up, no cap counting as more than any", () => {
    expect(raisedBy(row({ assistCapKmh: 25 }, { assistCapKmh: 32 }))).toEqual(["assistCapKmh"]);
    expect(raisedBy(row({ assistCapKmh: 25 }, { assistCapKmh: "uncapped" }))).toEqual(["assistCapKmh"]);
    expect(raisedBy(row({ currentShare: 0.6, rampSoftness: 0.2 }, { currentShare: 1, rampSoftness: 0.6 }))).toEqual([
      "currentShare",
    ]);
  });
  it("is nothing that goes down, stays, is not known, or is safer for being more", () => {
    expect(raisedBy(row({ assistCapKmh: "uncapped" }, { assistCapKmh: 25 }))).toEqual([]);
    expect(raisedBy(row({ currentLimitA: 15 }, { currentLimitA: 15 }))).toEqual([]);
    expect(raisedBy(row(null, { currentLimitA: 15 }))).toEqual([]);
    expect(raisedBy(row({ cutOffV: 40 }, { cutOffV: 41 }))).toEqual([]);
    expect(raisedBy(row({ circumferenceMm: 2000 }, { circumferenceMm: 2200 }))).toEqual([]);
  });
});
