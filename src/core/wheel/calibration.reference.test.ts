// Calibration against a statistics library, a published table of t, and simulated runs of known truth.
import jstat from "jstat";
import { linearRegression, sampleStandardDeviation } from "simple-statistics";
import { describe, expect, it } from "vitest";
import { seeded } from "../units/seeded";
import {
  calibrate,
  corrected,
  courseSpeed,
  factorFromTrip,
  meanSquare,
  runsNeeded,
  t95,
  type Calibration,
  type DisplayReadOut,
  type Run,
} from "./calibration";

const TENTHS: DisplayReadOut = { stepKmh: 0.1, truncates: false };
const WHOLE: DisplayReadOut = { stepKmh: 1, truncates: true };

/** Normal noise from a seeded source: Box and Muller. */
const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

const has = (fit: Calibration | null, key: string): boolean => fit?.notes.some((note) => note.key === key) ?? false;

describe("the quantiles", () => {
  // Source: NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.2 and 1.3.6.7.4.
  it.each([
    [2, 4.303],
    [4, 2.776],
    [9, 2.262],
    [30, 2.042],
  ])("t(0.975, %d) = %d", (degrees, t) => expect(t95(degrees)).toBeCloseTo(t, 3));
  it("chi-square(0.99, 5) = 15.086", () => expect(jstat.chisquare.inv(0.99, 5)).toBeCloseTo(15.086, 3));
});

describe("one factor", () => {
  const runs: readonly Run[] = [
    [12.1, 13.3],
    [16.0, 17.5],
    [20.2, 22.4],
    [24.1, 26.6],
    [27.9, 30.5],
  ].map(([trueKmh = 0, shownKmh = 0]) => ({ trueKmh, shownKmh }));
  it("is the slope a statistics library finds through the origin, with its residuals", () => {
    const fit = calibrate(runs, TENTHS);
    // A line through the runs and their mirror images can only go through the origin.
    const both = runs.flatMap(({ trueKmh, shownKmh }) => [
      [trueKmh, shownKmh],
      [-trueKmh, -shownKmh],
    ]);
    expect(fit?.r).toBeCloseTo(linearRegression(both).m, 12);
    const residuals = runs.map(({ trueKmh, shownKmh }) => shownKmh - linearRegression(both).m * trueKmh);
    expect(fit?.residualsKmh[2]).toBeCloseTo(residuals[2] ?? 0, 12);
    expect(fit?.scatterKmh).toBeCloseTo(
      sampleStandardDeviation([...residuals, ...residuals.map((e) => -e)]) * Math.sqrt(9 / 10) * Math.sqrt(10 / 8),
      9,
    );
    expect(fit?.notes).toEqual([]);
  });
  it("an offset is told from a factor", () => {
    const shifted = runs.map(({ trueKmh }, i) => ({
      trueKmh,
      shownKmh: trueKmh * 1.02 + 1.6 + (i % 2 ? 0.03 : -0.03),
    }));
    const fit = calibrate(shifted, { stepKmh: 1, truncates: false });
    expect(has(fit, "calibration.offset")).toBe(true);
    const offset = fit?.notes.find((note) => note.key === "calibration.offset");
    expect(offset?.key === "calibration.offset" ? offset.offsetKmh : 0).toBeCloseTo(
      linearRegression(shifted.map((run) => [run.trueKmh, run.shownKmh])).b,
      9,
    );
  });
  it.each([2.5, -2.5, 6])(
    "a constant offset of %s km/h is an offset, however far off one factor lies, and no jumping",
    (off) => {
      const shifted = runs.map(({ trueKmh }, i) => ({ trueKmh, shownKmh: trueKmh + off + (i % 2 ? 0.05 : -0.05) }));
      const fit = calibrate(shifted, TENTHS);
      expect(has(fit, "calibration.jumping")).toBe(false);
      expect(fit?.notes.find((note) => note.key === "calibration.offset")).toMatchObject({
        offsetKmh: expect.closeTo(linearRegression(shifted.map((run) => [run.trueKmh, run.shownKmh])).b, 9) as number,
      });
    },
  );
  it("a sensor that jumps about a line off the origin still jumps", () => {
    const jumping = runs.map(({ trueKmh }, i) => ({ trueKmh, shownKmh: trueKmh + 2 + ([4, -5, 5, -4, 3][i] ?? 0) }));
    const fit = calibrate(jumping, TENTHS);
    expect([has(fit, "calibration.jumping"), has(fit, "calibration.offset")]).toEqual([true, false]);
  });
  it("says nothing of an interval under three runs, and says what is thin", () => {
    const fit = calibrate(runs.slice(0, 2), TENTHS);
    expect(fit).toMatchObject({ low: null, high: null });
    expect(has(fit, "calibration.few-runs")).toBe(true);
    expect(has(fit, "calibration.narrow-range")).toBe(true);
    expect(calibrate([], TENTHS)).toBeNull();
  });
  it("asks for more runs the narrower the wish, and for none beyond what anybody rides", () => {
    const fit = calibrate(runs, TENTHS);
    if (!fit) throw new Error("no fit");
    const few = runsNeeded(fit, meanSquare(runs), 0.02);
    const many = runsNeeded(fit, meanSquare(runs), 0.003);
    expect(few).toBe(5);
    expect(many).toBeGreaterThan(5);
    expect(runsNeeded(fit, meanSquare(runs), 1e-6)).toBeNull();
  });
  it("a factor is put right by any one line", () => {
    const mend = corrected(0.898);
    expect(mend.pulses(80)).toBeCloseTo(71.84, 9);
    expect(mend.circumferenceMm(2074.7)).toBeCloseTo(2310, -1);
    expect(mend.percent(100)).toBeCloseTo(111.36, 2);
  });
});

/** Steady runs of a bike with a known factor: the GPS mean is off a little, the display steps. */
function simulate(
  random: () => number,
  r: number,
  n: number,
  display: DisplayReadOut,
  loss: () => number,
): readonly Run[] {
  return Array.from({ length: n }, (_, i) => {
    const real = 12 + (18 * i) / (n - 1) + random();
    const shown = real * r * (1 - loss()) + 0.12 * normal(random);
    const stepped =
      (display.truncates ? Math.floor(shown / display.stepKmh) : Math.round(shown / display.stepKmh)) * display.stepKmh;
    return { trueKmh: real + 0.15 * normal(random), shownKmh: stepped };
  });
}

describe("2,000 simulated calibrations of known truth", () => {
  const outcomes = (n: number, display: DisplayReadOut, loss: (random: () => number) => number) => {
    const random = seeded(20261125);
    let covered = 0;
    let jumping = 0;
    for (let i = 0; i < 2000; i++) {
      const r = 0.8 + 0.4 * random();
      const fit = calibrate(
        simulate(random, r, n, display, () => loss(random)),
        display,
      );
      if (fit && fit.low !== null && fit.high !== null && fit.low <= r && r <= fit.high) covered += 1;
      if (has(fit, "calibration.jumping")) jumping += 1;
    }
    return { covered: covered / 2000, jumping: jumping / 2000 };
  };
  it.each([
    [5, TENTHS],
    [8, TENTHS],
    [8, WHOLE],
  ])(
    "with %d runs the 95 %% interval covers the truth in 93 to 97 %% of them, and a sound sensor is hardly ever blamed",
    (n, display) => {
      const { covered, jumping } = outcomes(n, display, () => 0);
      expect(covered).toBeGreaterThanOrEqual(0.93);
      expect(covered).toBeLessThanOrEqual(0.97);
      expect(jumping).toBeLessThan(0.05);
    },
  );
  it.each([
    ["loses up to a quarter of its pulses", 5, TENTHS, (random: () => number) => 0.25 * random()],
    ["loses a fifth in every other run", 5, TENTHS, (random: () => number) => (random() < 0.5 ? 0.2 : 0)],
    ["loses up to a quarter, display in whole km/h", 8, WHOLE, (random: () => number) => 0.25 * random()],
  ])("a sensor that %s is told from a factor", (_, n, display, loss) => {
    // A coin that falls the same way every time leaves nothing to tell: 1 in 16 of five runs.
    const least = _.includes("every other") ? 0.95 * (1 - 2 * 0.5 ** n) : 0.95;
    expect(outcomes(n, display, loss).jumping).toBeGreaterThanOrEqual(least);
  });
});

describe("trip and course", () => {
  // By hand: 9.82 km shown over 10 km of track, trip in steps of 0.01 km: r = 0.982, u = 0.3 %.
  it("a trip against a track", () => {
    const factor = factorFromTrip(9.82, 0.01, 10, 1.96 * 0.003 * 10);
    expect(factor.r).toBeCloseTo(0.982, 9);
    expect(factor.high - factor.r).toBeCloseTo(0.982 * 1.96 * 0.003, 4);
    expect(factorFromTrip(0.9, 0.1, 1).high - 0.9).toBeGreaterThan(0.05);
  });
  // By hand: 100 m in 14.4 s is 25 km/h; 0.3 s of stopwatch are 2.1 % of it.
  it("a timed course", () => {
    const speed = courseSpeed({ lengthM: 100, tapeErrorM: 0.1, seconds: 14.4, stopwatchErrorS: 0.3 });
    expect(speed.kmh).toBeCloseTo(25, 9);
    expect(speed.uncertaintyKmh / speed.kmh).toBeCloseTo(0.0209, 3);
  });
});
