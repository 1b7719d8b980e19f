import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { capSettingFor, readoutError, trueCap, type WheelSetting, type WheelTruth } from "./readout";
import { readOutCurve } from "./readOutCurve";
import { knownReadout } from "./testingReadout";
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
  it.each<[string, Partial<WheelTruth>, Partial<WheelSetting>]>([
    ["a count of 0", {}, { pulsesPerTurn: 0 }],
    ["no pulses on the wheel", { pulsesPerTurn: 0 }, {}],
    ["no wheel", {}, { circumferenceMm: 0 }],
    ["no rollout", { rolloutMm: 0 }, {}],
    ["a rollout less sure than it is long", { rolloutUncertaintyMm: 2000 }, {}],
    ["an endless wheel", {}, { circumferenceMm: Infinity }],
    ["no number", { rolloutMm: Number.NaN }, {}],
    ["a code nobody can be surer of than itself", {}, { circumferenceUncertainty: 1 }],
  ])("is not known with %s, and no number stands for it", (_, truth, setting) =>
    expect(
      readoutError(
        { rolloutMm: 2000, rolloutUncertaintyMm: 5, pulsesPerTurn: 1, ...truth },
        { circumferenceMm: 2000, circumferenceUncertainty: 0, pulsesPerTurn: 1, ...setting },
      ),
    ).toBeNull(),
  );
  it("carries the tape error: the ends lie as far apart as the tape and the code are unsure", () => {
    // (1000 ± 1 %) over (2000 ± 10): by hand 0.5 × 0.99 ÷ 1.005 and 0.5 × 1.01 ÷ 0.995.
    const r = knownReadout(
      { rolloutMm: 2000, rolloutUncertaintyMm: 10, pulsesPerTurn: 1 },
      { circumferenceMm: 1000, circumferenceUncertainty: 0.01, pulsesPerTurn: 1 },
    );
    expect(r.nominal).toBe(0.5);
    expect(r.low).toBeCloseTo(0.492537, 6);
    expect(r.high).toBeCloseTo(0.507538, 6);
  });
  it("never lets the true cap pass the limit, even at the worst end of r", () => {
    fc.assert(
      fc.property(arbitraryWheel, ({ rolloutMm, rolloutShare, circumferenceMm, circumferenceUncertainty, limit }) => {
        const r = knownReadout(
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
