/**
 * Calibration of a speedometer from steady runs: x true, y shown, one mean a run. r = Σxy / Σx², SE = s / √Σx²,
 * interval r ± t(0.975, n−1)·SE. Ordinary least squares through the origin; a second fit with an intercept tells an
 * offset from a factor. Scatter beyond what GPS and the display's steps explain means a jumping sensor, not a factor.
 */
import jstat from "jstat";

export interface Run {
  /** Mean true speed of a steady run, km/h. */
  readonly trueKmh: number;
  /** Mean shown speed of the same run, km/h. */
  readonly shownKmh: number;
}

export interface DisplayReadOut {
  /** Smallest step of the figure shown, km/h. */
  readonly stepKmh: number;
  /** Whether the display cuts the figure off instead of rounding: then half a step is added. */
  readonly truncates: boolean;
}

/** Fewest runs with an interval, and fewest that are worth trusting. */
export const FEWEST_RUNS = 3;
export const GOOD_RUNS = 5;
/** Runs should spread over at least this much, km/h. */
export const GOOD_RANGE_KMH = 8;
/** Scatter of one steady run's mean true speed by GPS, km/h. From memory. */
export const GPS_RUN_KMH = 0.2;
/** Chance taken of calling a sound sensor jumping. */
const FALSE_ALARM = 0.01;

export type CalibrationNote =
  | { readonly key: "calibration.few-runs"; readonly runs: number; readonly good: number }
  | { readonly key: "calibration.narrow-range"; readonly rangeKmh: number; readonly goodKmh: number }
  | { readonly key: "calibration.jumping"; readonly scatterKmh: number; readonly expectedKmh: number }
  | { readonly key: "calibration.offset"; readonly offsetKmh: number; readonly t: number; readonly critical: number };

export interface Calibration {
  /** Shown over true. */
  readonly r: number;
  /** Ends of the 95 % interval of r; null under three runs. */
  readonly low: number | null;
  readonly high: number | null;
  /** Standard deviation of the residuals, km/h; null for one run. */
  readonly scatterKmh: number | null;
  readonly standardError: number | null;
  /** t(0.975, n − 1). */
  readonly t: number | null;
  readonly runs: number;
  /** Residual of each run, shown less r·true, km/h. */
  readonly residualsKmh: readonly number[];
  readonly notes: readonly CalibrationNote[];
}

/** Quantile of Student's t for 95 % both sides. */
export const t95 = (degrees: number): number => jstat.studentt.inv(0.975, degrees);

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

/** Fits one factor to the runs; null without any. Speeds must be above 0. */
export function calibrate(runs: readonly Run[], { stepKmh, truncates }: DisplayReadOut): Calibration | null {
  const n = runs.length;
  if (n === 0) return null;
  const xs = runs.map((run) => run.trueKmh);
  const ys = runs.map((run) => run.shownKmh + (truncates ? stepKmh / 2 : 0));
  const sxx = sum(xs.map((x) => x * x));
  const r = sum(xs.map((x, i) => x * (ys[i] ?? 0))) / sxx;
  const residualsKmh = xs.map((x, i) => (ys[i] ?? 0) - r * x);
  const scatterKmh = n > 1 ? Math.sqrt(sum(residualsKmh.map((e) => e * e)) / (n - 1)) : null;
  const standardError = scatterKmh === null ? null : scatterKmh / Math.sqrt(sxx);
  const t = n > 1 ? t95(n - 1) : null;
  const half = n >= FEWEST_RUNS && t !== null && standardError !== null ? t * standardError : null;
  const notes: CalibrationNote[] = [];
  const rangeKmh = Math.max(...xs) - Math.min(...xs);
  if (n < GOOD_RUNS) notes.push({ key: "calibration.few-runs", runs: n, good: GOOD_RUNS });
  if (n > 1 && rangeKmh < GOOD_RANGE_KMH)
    notes.push({ key: "calibration.narrow-range", rangeKmh, goodKmh: GOOD_RANGE_KMH });
  const expectedKmh = Math.sqrt((r * GPS_RUN_KMH) ** 2 + stepKmh ** 2 / 12);
  if (scatterKmh !== null && n >= FEWEST_RUNS) {
    const line = lineThrough(xs, ys);
    const jumps = (squares: number, degrees: number): boolean =>
      squares / expectedKmh ** 2 > jstat.chisquare.inv(1 - FALSE_ALARM, degrees);
    const factorJumps = jumps((n - 1) * scatterKmh ** 2, n - 1);
    // Against the better of the two fits: a constant offset is no jumping.
    if (factorJumps && (line === null || jumps(line.squares, n - 2)))
      notes.push({ key: "calibration.jumping", scatterKmh, expectedKmh });
    else if (line && (factorJumps || Math.abs(line.t) > line.critical))
      notes.push({ key: "calibration.offset", offsetKmh: line.intercept, t: line.t, critical: line.critical });
  }
  return {
    r,
    low: half === null ? null : r - half,
    high: half === null ? null : r + half,
    scatterKmh,
    standardError,
    t,
    runs: n,
    residualsKmh,
    notes,
  };
}

interface LineThrough {
  /** Shown speed at standstill, km/h. */
  readonly intercept: number;
  /** t of the intercept, and t(0.975, n − 2): beyond it a line off the origin explains the runs better. */
  readonly t: number;
  readonly critical: number;
  /** Sum of the squares of the residuals, km²/h². */
  readonly squares: number;
}

/** The line off the origin through the runs; null where they are all of one speed. */
function lineThrough(xs: readonly number[], ys: readonly number[]): LineThrough | null {
  const n = xs.length;
  const meanX = sum(xs) / n;
  const meanY = sum(ys) / n;
  const sxx = sum(xs.map((x) => (x - meanX) ** 2));
  if (sxx < 1e-9) return null;
  const slope = sum(xs.map((x, i) => (x - meanX) * ((ys[i] ?? 0) - meanY))) / sxx;
  const intercept = meanY - slope * meanX;
  const squares = sum(xs.map((x, i) => ((ys[i] ?? 0) - intercept - slope * x) ** 2));
  const s2 = squares / (n - 2);
  const se = Math.sqrt(s2 * (1 / n + meanX ** 2 / sxx));
  const critical = t95(n - 2);
  const t = se > 1e-9 ? intercept / se : Math.abs(intercept) > 1e-6 ? Infinity * Math.sign(intercept) : 0;
  return { intercept, t, critical, squares };
}

/** Longest series of runs anybody would ride. */
const MOST_RUNS = 60;

/**
 * Runs needed in all for a half-width of r, as a share of it: the smallest n with t·s_rel/√n ≤ wanted. Null where it
 * needs more than anybody would ride, or nothing is known of the scatter.
 */
export function runsNeeded(
  { r, scatterKmh, runs }: Calibration,
  meanSquareKmh2: number,
  wanted: number,
): number | null {
  if (scatterKmh === null) return null;
  const relative = scatterKmh / (r * Math.sqrt(meanSquareKmh2));
  for (let n = Math.max(FEWEST_RUNS, runs); n <= MOST_RUNS; n++)
    if ((t95(n - 1) * relative) / Math.sqrt(n) <= wanted) return n;
  return null;
}

/** Mean of the squares of the true speeds, km²/h². */
export const meanSquare = (runs: readonly Run[]): number =>
  sum(runs.map(({ trueKmh }) => trueKmh ** 2)) / Math.max(1, runs.length);

/** What corrects a factor, unrounded: pulses set × r, circumference set ÷ r, per cent set ÷ r. */
export const corrected = (r: number) => ({
  pulses: (set: number): number => set * r,
  circumferenceMm: (set: number): number => set / r,
  percent: (set: number): number => set / r,
});

export interface FactorWithInterval {
  readonly r: number;
  readonly low: number;
  readonly high: number;
}

/** How far the length of a track is off where nobody says, relative, at 95 %. From memory. */
export const TRACK_ERROR = 0.01;

/** Half-widths at 95 % of a normal scatter. */
const AT_95 = 1.96;

/**
 * r from a trip distance and a track, in kilometres: trip / track, with the trip's step and the track's own error.
 * @param trackErrorKm half-width at 95 %
 */
export function factorFromTrip(
  tripKm: number,
  tripStepKm: number,
  trackKm: number,
  trackErrorKm: number = TRACK_ERROR * trackKm,
): FactorWithInterval {
  const r = tripKm / trackKm;
  const half = Math.hypot((AT_95 * tripStepKm) / Math.sqrt(12), trackErrorKm) / trackKm;
  return { r, low: r * (1 - half), high: r * (1 + half) };
}

export interface Course {
  readonly lengthM: number;
  readonly tapeErrorM: number;
  readonly seconds: number;
  readonly stopwatchErrorS: number;
}

/** True speed over a measured course with its half-width, km/h. */
export function courseSpeed({ lengthM, tapeErrorM, seconds, stopwatchErrorS }: Course): {
  readonly kmh: number;
  readonly uncertaintyKmh: number;
} {
  const kmh = (lengthM / seconds) * 3.6;
  return { kmh, uncertaintyKmh: kmh * Math.hypot(tapeErrorM / lengthM, stopwatchErrorS / seconds) };
}
