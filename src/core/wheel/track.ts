/**
 * A way ridden, from the fixes of a GPS receiver: its length on the ellipsoid, its speed, its stops, gaps and bad
 * fixes. Distances by Karney's geodesics (geographiclib). White noise would lengthen a track, so position is smoothed
 * first (`smoothing`); what that and sparse fixes lose at the corners is put back (`riddenAgain`).
 */
import geographic from "geographiclib-geodesic";
import { riddenAgain, type RiddenAgain, type RiddenLeg } from "./riddenAgain";
import { smoothAxis } from "./smoothing";

export interface Fix {
  readonly latDeg: number;
  readonly lonDeg: number;
  /** Seconds since any fixed moment; null where the file has no times. */
  readonly timeS: number | null;
}

export interface TrackPoint {
  readonly timeS: number;
  /** Way since the start, stops and jitter left out, m. */
  readonly wayM: number;
  readonly speedKmh: number;
  /** Metres east and north of the first fix, smoothed: for a picture of the track. */
  readonly eastM: number;
  readonly northM: number;
  /** First point after a gap or a stop: no line is drawn to it. */
  readonly breaks: boolean;
}

export interface SteadyRun {
  readonly fromS: number;
  readonly seconds: number;
  readonly kmh: number;
}

export interface Track {
  /** Length, with what smoothing and sparse fixes lose at the corners put back, km, and its half-width at 95 %. */
  readonly lengthKm: number;
  readonly errorKm: number;
  /** Share of the way lost at the corners, and how many there were. */
  readonly lostShare: number;
  readonly corners: number;
  readonly movingS: number;
  readonly stops: number;
  readonly stoppedS: number;
  readonly badFixes: number;
  readonly gaps: number;
  /** Straight across the gaps, counted into the length, km. */
  readonly gapKm: number;
  /** Scatter of a fix about the smoothed track, m. */
  readonly noiseM: number;
  readonly points: readonly TrackPoint[];
  /** Stretches of steady speed to compare with what the display showed. */
  readonly steady: readonly SteadyRun[];
}

export type TrackProblem =
  | { readonly key: "track.too-few-fixes"; readonly fixes: number }
  | { readonly key: "track.no-times" }
  | { readonly key: "track.never-moved" };
export type TrackReading =
  { readonly ok: true; readonly track: Track } | { readonly ok: false; readonly problem: TrackProblem };

/** Figures the sorting of fixes rests on. From memory. */
export const TRACK_RULES = {
  /** No bicycle here goes faster between two fixes. */
  fastestKmh: 110,
  /** Slower than this for long enough is standing. */
  standingKmh: 2.5,
  standingS: 5,
  /** Longer without a fix is a gap, or longer than so many usual intervals where the receiver writes seldom. */
  gapS: 10,
  gapIntervals: 4,
  /** Fewer fixes by themselves are bad ones. */
  fewestInLeg: 3,
  fewestFixes: 10,
  steadyS: 15,
  steadyKmh: 0.8,
} as const;

const WGS84 = geographic.Geodesic.WGS84;

/** The same track is judged the same way every time. */
const SEED = 1;

/**
 * Half-width of a length at 95 %, relative: what even a way without corners is off by, a part of what had to be put
 * back, and the scatter between rides. Fitted to 3,000 made rides through towns; the tests try others.
 */
const errorOf = ({ ratio, spread }: RiddenAgain): number => 0.0028 + 0.14 * Math.abs(1 - ratio) + spread;

/** Way between two places on the ellipsoid, m. */
export function geodesicM(a: Pick<Fix, "latDeg" | "lonDeg">, b: Pick<Fix, "latDeg" | "lonDeg">): number {
  return WGS84.Inverse(a.latDeg, a.lonDeg, b.latDeg, b.lonDeg).s12 ?? 0;
}

interface Local {
  readonly timeS: number;
  readonly x: number;
  readonly y: number;
}

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
};

/** Metres per radian of latitude and longitude at a latitude, on the WGS 84 ellipsoid. */
function metresPerRadian(latDeg: number): readonly [number, number] {
  const { a, f } = WGS84;
  const e2 = f * (2 - f);
  const s2 = Math.sin((latDeg * Math.PI) / 180) ** 2;
  const w = Math.sqrt(1 - e2 * s2);
  return [(a * (1 - e2)) / w ** 3, (a / w) * Math.cos((latDeg * Math.PI) / 180)];
}

/** What the legs of a track come to, before corners are made up for. */
interface Measured {
  readonly points: readonly TrackPoint[];
  readonly ridden: readonly RiddenLeg[];
  /** All the way, and of it what lies straight across gaps, m. */
  readonly wayM: number;
  readonly gapM: number;
  readonly movingS: number;
  readonly stops: number;
  readonly stoppedS: number;
}

/** Smooths and measures the legs; yields the share done on the way. `fixes` is how many there are in all. */
function* measured(
  legs: readonly (readonly TimedFix[])[],
  origin: Fix & { readonly timeS: number },
  noiseM: number,
  fixes: number,
): Generator<number, Measured> {
  const points: TrackPoint[] = [];
  const ridden: RiddenLeg[] = [];
  let wayM = 0;
  let gapM = 0;
  let stops = 0;
  let stoppedS = 0;
  let movingS = 0;
  let done = 0;
  let lastOfLeg: Fix | null = null;
  for (const leg of legs) {
    const first = leg[0];
    if (!first) continue;
    const scale = metresPerRadian(first.latDeg);
    if (lastOfLeg) {
      const across = geodesicM(lastOfLeg, first);
      gapM += across;
      wayM += across;
    }
    const smooth = smoothLeg(leg, first, scale, noiseM);
    const offset = localOf(first, origin, metresPerRadian(origin.latDeg));
    const still = standing(smooth);
    ridden.push({ points: smooth, still });
    let before: (typeof smooth)[number] | null = null;
    let stood = 0;
    for (const [i, at] of smooth.entries()) {
      const stopped = still[i] ?? false;
      if (before) {
        const dt = at.timeS - before.timeS;
        if (stopped) {
          stood += dt;
          stoppedS += dt;
        } else {
          if (stood > 0) stops += 1;
          stood = 0;
          movingS += dt;
          wayM += geodesicM(placeOf(before, first, scale), placeOf(at, first, scale));
        }
      }
      points.push({
        timeS: at.timeS - origin.timeS,
        wayM,
        speedKmh: stopped ? 0 : at.speed * 3.6,
        eastM: offset.x + at.x,
        northM: offset.y + at.y,
        breaks: before === null,
      });
      before = at;
      done += 1;
      if (done % 2000 === 0) yield 0.15 + (0.85 * done) / fixes;
    }
    if (stood > 0) stops += 1;
    lastOfLeg = leg.at(-1) ?? null;
  }
  return { points, ridden, wayM, gapM, movingS, stops, stoppedS };
}

/**
 * Solves a track; yields the share done on the way, so that a worker can tell and stop.
 * Fixes out of order in time are sorted; two of one moment are one.
 */
export function* solveTrack(fixes: readonly Fix[]): Generator<number, TrackReading> {
  if (fixes.length < TRACK_RULES.fewestFixes)
    return { ok: false, problem: { key: "track.too-few-fixes", fixes: fixes.length } };
  const timed = fixes.filter((fix): fix is Fix & { timeS: number } => fix.timeS !== null);
  if (timed.length < fixes.length / 2) return { ok: false, problem: { key: "track.no-times" } };
  const ordered = [...timed]
    .sort((a, b) => a.timeS - b.timeS)
    .filter((fix, i, all) => i === 0 || fix.timeS > (all[i - 1]?.timeS ?? 0));
  const { kept, bad } = dropJumps(ordered);
  yield 0.15;
  const cut = cutAtGaps(kept);
  const legs = cut.filter((leg) => leg.length >= TRACK_RULES.fewestInLeg);
  const strays = cut.reduce((sum, leg) => sum + (leg.length < TRACK_RULES.fewestInLeg ? leg.length : 0), 0);
  const noiseM = noiseOf(legs);
  const origin = legs[0]?.[0];
  if (!origin) return { ok: false, problem: { key: "track.too-few-fixes", fixes: 0 } };
  const { points, ridden, wayM, gapM, movingS, stops, stoppedS } = yield* measured(legs, origin, noiseM, kept.length);
  if (wayM < 1) return { ok: false, problem: { key: "track.never-moved" } };
  const again = yield* riddenAgain(ridden, noiseM, SEED);
  const lengthM = (wayM - gapM) / again.ratio + gapM;
  return {
    ok: true,
    track: {
      lengthKm: lengthM / 1000,
      errorKm: (lengthM * errorOf(again)) / 1000,
      lostShare: 1 - again.ratio,
      corners: again.corners,
      movingS,
      stops,
      stoppedS,
      badFixes: bad + strays + (fixes.length - ordered.length),
      gaps: legs.length - 1,
      gapKm: gapM / 1000,
      noiseM,
      points,
      steady: steadyRuns(points),
    },
  };
}

/**
 * Drops fixes nobody could have ridden to: out at an impossible speed while the one after it can be reached without
 * them.
 */
function dropJumps(fixes: readonly (Fix & { timeS: number })[]): {
  readonly kept: readonly (Fix & { timeS: number })[];
  readonly bad: number;
} {
  const fastest = TRACK_RULES.fastestKmh / 3.6;
  const kept: (Fix & { timeS: number })[] = [];
  const reach = (a: Fix & { timeS: number }, b: Fix & { timeS: number }) =>
    flatM(a, b) <= fastest * (b.timeS - a.timeS) + 15;
  let bad = 0;
  let rejected: (Fix & { timeS: number })[] = [];
  for (const fix of fixes) {
    const last = kept.at(-1);
    if (!last || reach(last, fix)) {
      kept.push(fix);
      bad += rejected.length;
      rejected = [];
      continue;
    }
    // Where the "jump" goes on sanely for a while, it was the fixes before it that were wrong, or a tunnel.
    rejected.push(fix);
    const [a, b] = [rejected.at(-2), rejected.at(-1)];
    if (a && b && !reach(a, b)) {
      bad += rejected.length - 1;
      rejected = [fix];
    }
    if (rejected.length >= 5) {
      kept.push(...rejected);
      rejected = [];
    }
  }
  return { kept, bad: bad + rejected.length };
}

/** Quick way between two near places, m: good enough to tell a jump. */
function flatM(a: Fix, b: Fix): number {
  const [perLat, perLon] = metresPerRadian(a.latDeg);
  return Math.hypot(((b.latDeg - a.latDeg) * Math.PI * perLat) / 180, ((b.lonDeg - a.lonDeg) * Math.PI * perLon) / 180);
}

type TimedFix = Fix & { readonly timeS: number };

/** Cuts where no fix came for long, or where a jump was kept. */
function cutAtGaps(fixes: readonly TimedFix[]): readonly (readonly TimedFix[])[] {
  const legs: TimedFix[][] = [];
  const usualS = median(fixes.slice(1).map((fix, i) => fix.timeS - (fixes[i]?.timeS ?? 0)));
  const gapS = Math.max(TRACK_RULES.gapS, TRACK_RULES.gapIntervals * usualS);
  for (const fix of fixes) {
    const leg = legs.at(-1);
    const last = leg?.at(-1);
    if (
      leg &&
      last &&
      fix.timeS - last.timeS <= gapS &&
      flatM(last, fix) <= (TRACK_RULES.fastestKmh / 3.6) * (fix.timeS - last.timeS) + 15
    )
      leg.push(fix);
    else legs.push([fix]);
  }
  return legs;
}

const localOf = (fix: Fix, origin: Fix, [perLat, perLon]: readonly [number, number]) => ({
  x: (((fix.lonDeg - origin.lonDeg) * Math.PI) / 180) * perLon,
  y: (((fix.latDeg - origin.latDeg) * Math.PI) / 180) * perLat,
});

const placeOf = (
  { x, y }: { readonly x: number; readonly y: number },
  origin: Fix,
  [perLat, perLon]: readonly [number, number],
) => ({
  latDeg: origin.latDeg + ((y / perLat) * 180) / Math.PI,
  lonDeg: origin.lonDeg + ((x / perLon) * 180) / Math.PI,
});

/** Least and most scatter of a fix that is believed: below it the steps of the file itself are seen, m. */
const LEAST_NOISE_M = 0.05;
const MOST_NOISE_M = 8;
/** Taken where fixes are too far apart in time to tell scatter from riding, m. From memory. */
const USUAL_NOISE_M = 1.5;
/** Fixes further apart than this show the rider's turns, not the receiver's scatter, s. */
const NOISE_WITHIN_S = 9;

/** Scatter of the fixes, from their third differences, which a smooth way hardly has: median over all legs, m. */
function noiseOf(legs: readonly (readonly TimedFix[])[]): number {
  const thirds: number[] = [];
  for (const leg of legs) {
    const first = leg[0];
    if (!first) continue;
    const scale = metresPerRadian(first.latDeg);
    const local = leg.map((fix) => localOf(fix, first, scale));
    for (let i = 3; i < local.length; i++) {
      const [a, b, c, d] = [local[i - 3], local[i - 2], local[i - 1], local[i]];
      if (!a || !b || !c || !d || (leg[i]?.timeS ?? 0) - (leg[i - 3]?.timeS ?? 0) > NOISE_WITHIN_S) continue;
      thirds.push(Math.abs(d.x - 3 * c.x + 3 * b.x - a.x), Math.abs(d.y - 3 * c.y + 3 * b.y - a.y));
    }
  }
  // A third difference of white noise has √20 times its scatter; the median of |normal| is 0.6745 of it.
  return thirds.length === 0
    ? USUAL_NOISE_M
    : Math.min(MOST_NOISE_M, Math.max(LEAST_NOISE_M, median(thirds) / 0.6745 / Math.sqrt(20)));
}

interface Smoothed extends Local {
  /** m/s */
  readonly speed: number;
}

function smoothLeg(
  leg: readonly TimedFix[],
  first: Fix,
  scale: readonly [number, number],
  noiseM: number,
): readonly Smoothed[] {
  const times = leg.map((fix) => fix.timeS);
  const local = leg.map((fix) => localOf(fix, first, scale));
  const east = smoothAxis(
    times,
    local.map(({ x }) => x),
    noiseM,
  );
  const north = smoothAxis(
    times,
    local.map(({ y }) => y),
    noiseM,
  );
  return leg.map((fix, i) => ({
    timeS: fix.timeS,
    x: east.place[i] ?? 0,
    y: north.place[i] ?? 0,
    speed: Math.hypot(east.velocity[i] ?? 0, north.velocity[i] ?? 0),
  }));
}

/**
 * Which points stand: hardly displaced over a window, for long enough together. Over a window noise does not look like
 * riding.
 */
function standing(points: readonly Smoothed[]): readonly boolean[] {
  const { standingKmh, standingS } = TRACK_RULES;
  const still = points.map(() => false);
  let from = 0;
  let to = 0;
  const slow = points.map(({ timeS }) => {
    while ((points[from]?.timeS ?? 0) < timeS - standingS) from += 1;
    while (to + 1 < points.length && (points[to + 1]?.timeS ?? 0) <= timeS + standingS) to += 1;
    const [a, b] = [points[from], points[to]];
    return (
      a !== undefined &&
      b !== undefined &&
      b.timeS > a.timeS &&
      (Math.hypot(b.x - a.x, b.y - a.y) / (b.timeS - a.timeS)) * 3.6 < standingKmh
    );
  });
  for (let i = 0; i < points.length; i++) {
    if (!slow[i]) continue;
    let j = i;
    while (j + 1 < points.length && slow[j + 1]) j += 1;
    if ((points[j]?.timeS ?? 0) - (points[i]?.timeS ?? 0) >= standingS) still.fill(true, i, j + 1);
    i = j;
  }
  return still;
}

/** Stretches in which the speed stays within 0.8 km/h for 15 s or more, the longest first, five at most. */
function steadyRuns(points: readonly TrackPoint[]): readonly SteadyRun[] {
  const found: SteadyRun[] = [];
  let from = 0;
  let low = Infinity;
  let high = -Infinity;
  const close = (to: number) => {
    const [a, b] = [points[from], points[to]];
    if (a && b && b.timeS - a.timeS >= TRACK_RULES.steadyS)
      found.push({ fromS: a.timeS, seconds: b.timeS - a.timeS, kmh: ((b.wayM - a.wayM) / (b.timeS - a.timeS)) * 3.6 });
  };
  for (const [i, point] of points.entries()) {
    const [lower, upper] = [Math.min(low, point.speedKmh), Math.max(high, point.speedKmh)];
    if (point.breaks || point.speedKmh < TRACK_RULES.standingKmh || upper - lower > TRACK_RULES.steadyKmh) {
      close(i - 1);
      from = i;
      low = point.speedKmh;
      high = point.speedKmh;
    } else {
      low = lower;
      high = upper;
    }
  }
  close(points.length - 1);
  return found.sort((a, b) => b.seconds - a.seconds).slice(0, MOST_STEADY);
}

const MOST_STEADY = 8;
