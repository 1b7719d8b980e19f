// Ends of intervals and edges of rules, worked by hand: what a mean value hides.
import { describe, expect, it } from "vitest";
import { calibrate } from "./calibration";
import { trueCap, readoutError } from "./readout";
import { heightRatio, unloadedRolloutMm } from "./tyre";

describe("the interval of r from repeated runs", () => {
  // Five runs at a true 20 km/h, by hand: r = 1, residuals −1, 0, 1, 0, 0; s = √(2/4) = 0.7071; Σx² = 2000;
  // standard error = 0.7071 / 44.721 = 0.015811; t(0.975, 4) = 2.776; half width 0.04390.
  const runs = [19, 20, 21, 20, 20].map((shownKmh) => ({ trueKmh: 20, shownKmh }));
  const fit = calibrate(runs, { stepKmh: 0.1, truncates: false });

  it("takes one degree of freedom for the one factor fitted", () => {
    expect(fit?.t).toBeCloseTo(2.776, 3);
    expect(fit?.scatterKmh).toBeCloseTo(0.7071, 4);
    expect(fit?.standardError).toBeCloseTo(0.015811, 6);
    expect([fit?.low, fit?.high]).toEqual([expect.closeTo(1 - 0.0439, 4), expect.closeTo(1 + 0.0439, 4)]);
  });

  it("has no ends with two runs, and no scatter with one", () => {
    const two = calibrate(runs.slice(0, 2), { stepKmh: 0.1, truncates: false });
    expect([two?.low, two?.high]).toEqual([null, null]);
    expect(two?.t).toBeCloseTo(12.706, 3);
    const one = calibrate(runs.slice(0, 1), { stepKmh: 0.1, truncates: false });
    expect([one?.t, one?.scatterKmh, one?.r]).toEqual([null, null, 0.95]);
  });

  it("adds half a step to a display that cuts its last digit off", () => {
    const cut = calibrate([{ trueKmh: 20, shownKmh: 19 }], { stepKmh: 1, truncates: true });
    expect(cut?.r).toBeCloseTo(19.5 / 20, 12);
  });
});

describe("a cap through the interval of r", () => {
  it("ends late where the display reads low, and early where it reads high", () => {
    const { nominal, low, high } = trueCap(25, { nominal: 1, low: 0.95, high: 1.05 });
    expect(nominal).toBe(25);
    expect(low).toBeCloseTo(25 / 1.05, 9);
    expect(high).toBeCloseTo(25 / 0.95, 9);
  });

  it("comes from the tape's error and the line's, each at its worst", () => {
    const r = readoutError(
      { pulsesPerTurn: 6, rolloutMm: 2000, rolloutUncertaintyMm: 20 },
      { pulsesPerTurn: 3, circumferenceMm: 2100, circumferenceUncertainty: 0.01 },
    );
    expect(r?.nominal).toBeCloseTo(2.1, 9);
    expect(r?.low).toBeCloseTo((2 * 2100 * 0.99) / 2020, 9);
    expect(r?.high).toBeCloseTo((2 * 2100 * 1.01) / 1980, 9);
  });

  it("is not known where the tape's error eats the whole rollout", () => {
    const setting = { pulsesPerTurn: 1, circumferenceMm: 2100, circumferenceUncertainty: 0 };
    expect(readoutError({ pulsesPerTurn: 1, rolloutMm: 2000, rolloutUncertaintyMm: 2000 }, setting)).toBeNull();
    expect(readoutError({ pulsesPerTurn: 0, rolloutMm: 2000, rolloutUncertaintyMm: 0 }, setting)).toBeNull();
    expect(readoutError({ pulsesPerTurn: 1, rolloutMm: NaN, rolloutUncertaintyMm: 0 }, setting)).toBeNull();
  });
});

describe("the height of a tyre", () => {
  it.each([
    [23, 1],
    [60, 1],
    [61, 0.95],
    [85, 0.95],
    [86, 0.9],
    [120, 0.9],
  ])("%d mm wide stands %d of its width high", (widthMm, ratio) => expect(heightRatio(widthMm)).toBe(ratio));

  it.each([
    // π · (559 + 2 · 0.95 · 70) = π · 692; π · (559 + 2 · 0.9 · 100) = π · 739; π · (622 + 2 · 40) = π · 702.
    [70, 559, 692],
    [100, 559, 739],
    [40, 622, 702],
  ])("%d-%d rolls π · %d mm without a rider", (widthMm, beadSeatMm, diameterMm) =>
    expect(unloadedRolloutMm({ widthMm, beadSeatMm })).toBeCloseTo(Math.PI * diameterMm, 9),
  );
});
