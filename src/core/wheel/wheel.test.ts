import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { capSettingFor, readOutCurve, readoutError, trueCap } from "./readout";
import { compareWithTyre, measuredRollout } from "./rollout";
import { readTyre } from "./tyre";
import { rankWheels } from "./wheelCode";

describe("readTyre", () => {
  it.each(["50-559", " 50 – 559 ", "50x559", "50×559", "50/559"])("takes %j", (typed) => {
    expect(readTyre(typed)).toEqual({ ok: true, tyre: { widthMm: 50, beadSeatMm: 559 } });
  });
  it("refuses what is no designation, keeping what was typed", () => {
    expect(readTyre("26 x 4")).toEqual({ ok: false, problem: { key: "tyre.not-a-designation", typed: "26 x 4" } });
  });
  it("refuses a width no tyre has", () => {
    expect(readTyre("300-559")).toMatchObject({
      ok: false,
      problem: { key: "tyre.width-out-of-range", minMm: 18, maxMm: 130 },
    });
  });
  it("names the nearest rim when there is none of that diameter", () => {
    expect(readTyre("50-560")).toMatchObject({ ok: false, problem: { key: "tyre.unknown-bead-seat", nearestMm: 559 } });
  });
});

describe("compareWithTyre", () => {
  const tyre = { widthMm: 50, beadSeatMm: 559 };
  it("is content with a measurement near the estimate", () => {
    expect(compareWithTyre(measuredRollout({ distanceMm: 2060, turns: 1, tapeErrorMm: 5 }), tyre)).toBeNull();
  });
  it("notices two turns booked as one", () => {
    expect(compareWithTyre(measuredRollout({ distanceMm: 4120, turns: 1, tapeErrorMm: 5 }), tyre)).toMatchObject({
      measuredMm: 4120,
    });
  });
});

describe("cap settings", () => {
  const arbitraryWheel = fc.record({
    rolloutMm: fc.double({ min: 900, max: 2600, noNaN: true }),
    rolloutShare: fc.double({ min: 0, max: 0.02, noNaN: true }),
    circumferenceMm: fc.double({ min: 900, max: 2600, noNaN: true }),
    circumferenceUncertainty: fc.double({ min: 0, max: 0.03, noNaN: true }),
    limit: fc.double({ min: 5, max: 50, noNaN: true }),
  });
  it("never lets the true cap pass the limit, even at the worst end of r", () => {
    fc.assert(
      fc.property(arbitraryWheel, ({ rolloutMm, rolloutShare, circumferenceMm, circumferenceUncertainty, limit }) => {
        const r = readoutError(
          { rolloutMm, rolloutUncertaintyMm: rolloutMm * rolloutShare, pulsesPerTurn: 1 },
          { circumferenceMm, circumferenceUncertainty, pulsesPerTurn: 1 },
        );
        expect(r.low).toBeLessThanOrEqual(r.nominal);
        expect(r.nominal).toBeLessThanOrEqual(r.high);
        const setting = capSettingFor(limit, r, { step: 1 });
        expect(trueCap(setting, r).high).toBeLessThanOrEqual(limit + 1e-6);
        expect(trueCap(setting + 1, r).high).toBeGreaterThan(limit - 1e-6);
      }),
    );
  });
});

describe("readOutCurve", () => {
  it("runs from standstill to the end, in proportion", () => {
    const curve = readOutCurve({ nominal: 0.9, low: 0.89, high: 0.91 }, 30, 5);
    expect(curve).toHaveLength(7);
    expect(curve[0]).toEqual({ trueKmh: 0, shownKmh: 0 });
    expect(curve[6]).toEqual({ trueKmh: 30, shownKmh: 27 });
  });
});

describe("rankWheels", () => {
  it("prefers a candidate that does not read low among those as good as the best", () => {
    const ranked = rankWheels(
      [
        { code: "a", circumferenceMm: 1998 },
        { code: "b", circumferenceMm: 2003 },
      ],
      2000,
    );
    expect(ranked.map((wheel) => wheel.code)).toEqual(["b", "a"]);
  });
  it("takes the nearest when the others are far off", () => {
    const ranked = rankWheels(
      [
        { code: "a", circumferenceMm: 1998 },
        { code: "b", circumferenceMm: 2100 },
      ],
      2000,
    );
    expect(ranked[0]?.code).toBe("a");
  });
  it("has nothing to say about no candidates", () => {
    expect(rankWheels([], 2000)).toEqual([]);
  });
});
