// Length of a ridden track against rides laid out by a geodesic library, with the noise of a receiver on them.
import { describe, expect, it } from "vitest";
import { readGpx, type GpxReading } from "./gpx";
import { CLEAN, gpxText, makeRide, type RideWish } from "./testingTrack";
import { thinned } from "./thinned";
import { geodesicM, solveTrack, type Fix, type Track, type TrackReading } from "./track";

/** Runs a stepwise work to its end, and tells the shares it gave on the way. */
function finish<Result>(work: Generator<number, Result>): {
  readonly result: Result;
  readonly shares: readonly number[];
} {
  const shares: number[] = [];
  let step = work.next();
  while (!step.done) {
    shares.push(step.value);
    step = work.next();
  }
  return { result: step.value, shares };
}

const solved = (fixes: readonly Fix[]): Track => {
  const { result } = finish<TrackReading>(solveTrack(fixes));
  if (!result.ok) throw new Error(result.problem.key);
  return result.track;
};

it("a long ride is read and solved with its progress told on the way, and no fix of it lost", () => {
  const text = gpxText(makeRide({ ...CLEAN, seconds: 7200, whiteM: 1.5, driftM: 3, stopEveryS: 1800, seed: 9 }).fixes);
  const { result, shares } = finish(readGpx(text));
  if (!result.ok) throw new Error(result.problem.key);
  const track = finish(solveTrack(result.fixes));
  // The file is read in a few large pieces.
  expect(shares.length).toBeGreaterThanOrEqual(2);
  expect(track.shares.length).toBeGreaterThanOrEqual(2);
  expect(result.fixes.length).toBeGreaterThanOrEqual(7200);
});

describe("length of a track", () => {
  // Source: C. F. F. Karney, Algorithms for geodesics, J. Geod. 87 (2013): Wellington to Salamanca, 19 959 679.27 m.
  it("goes by the ellipsoid", () =>
    expect(geodesicM({ latDeg: -41.32, lonDeg: 174.81 }, { latDeg: 40.96, lonDeg: -5.5 })).toBeCloseTo(
      19_959_679.267,
      2,
    ));

  const noises: readonly (readonly [string, Partial<RideWish>])[] = [
    ["without noise", {}],
    ["with 1 m of scatter", { whiteM: 1 }],
    ["with 3 m of scatter", { whiteM: 3 }],
    ["with slow drift of 3 m", { driftM: 3 }],
    ["with both, stops, wild fixes and gaps", { whiteM: 1.5, driftM: 3, stopEveryS: 400, wild: 0.004, gapEveryS: 700 }],
  ];
  for (const [what, wish] of noises)
    it.each([1, 2, 3])(`is within 0.5 % of the ride it was made from, ${what}, seed %d`, (seed) => {
      const { fixes, trueM } = makeRide({ ...CLEAN, ...wish, seed });
      expect(Math.abs((solved(fixes).lengthKm * 1000) / trueM - 1)).toBeLessThan(0.005);
    });
  it("tells stops, gaps and wild fixes", () => {
    const { fixes } = makeRide({
      ...CLEAN,
      whiteM: 1,
      driftM: 2,
      stopEveryS: 600,
      wild: 0.003,
      gapEveryS: 850,
      seed: 4,
    });
    const track = solved(fixes);
    expect(track.stops).toBe(6);
    expect(track.stoppedS).toBeGreaterThan(5.5 * 60 * 0.8);
    expect(track.gaps).toBeGreaterThanOrEqual(3);
    expect(track.badFixes).toBeGreaterThan(3);
    expect(track.gapKm).toBeGreaterThan(0.3);
  });
  it("finds the stretches of steady speed, at their speed", () => {
    const fixes: Fix[] = Array.from({ length: 200 }, (_, t) => ({
      latDeg: 47 + (t * 5) / 111_195,
      lonDeg: 11,
      timeS: t,
    }));
    const [longest] = solved(fixes).steady;
    expect(longest?.kmh).toBeCloseTo(18, 1);
    expect(longest?.seconds).toBeGreaterThan(150);
  });
  it("does not take a seldom-writing receiver's intervals for gaps", () => {
    const { fixes, trueM } = makeRide({ ...CLEAN, seconds: 3600, whiteM: 1 });
    const track = solved(fixes.filter((_, i) => i % 12 === 0));
    expect(track.gaps).toBe(0);
    expect(Math.abs((track.lengthKm * 1000) / trueM - 1)).toBeLessThan(0.01);
  });
  it("a wild fix at the start or the end adds no way", () => {
    const { fixes, trueM } = makeRide({ ...CLEAN, seconds: 900 });
    const [first, last] = [fixes[0], fixes.at(-1)];
    if (!first || !last) throw new Error("no ride");
    const wild = [
      { ...first, latDeg: first.latDeg + 0.02 },
      ...fixes.slice(1, -1),
      { ...last, lonDeg: last.lonDeg - 0.03 },
    ];
    expect(Math.abs((solved(wild).lengthKm * 1000) / trueM - 1)).toBeLessThan(0.005);
  });
  it("thins evenly for a picture, both ends and every break kept", () => {
    const { points } = solved(makeRide({ ...CLEAN, gapEveryS: 700 }).fixes);
    const few = thinned(points, 100);
    expect(few.length).toBeLessThanOrEqual(100 + points.filter(({ breaks }) => breaks).length + 1);
    expect([few[0], few.at(-1)]).toEqual([points[0], points.at(-1)]);
    expect(few.filter(({ breaks }) => breaks)).toEqual(points.filter(({ breaks }) => breaks));
    expect(thinned(points, 1e6)).toBe(points);
  });
  it("sorts fixes that come out of order, and takes one of two of the same moment", () => {
    const { fixes, trueM } = makeRide({ ...CLEAN, seconds: 600 });
    const mixed = [...fixes.slice(300), ...fixes.slice(0, 300), ...fixes.slice(10, 12)];
    expect(Math.abs((solved(mixed).lengthKm * 1000) / trueM - 1)).toBeLessThan(0.002);
  });
  it("says why there is nothing to solve", () => {
    const still = Array.from({ length: 60 }, (_, t) => ({ latDeg: 47, lonDeg: 11, timeS: t }));
    expect(finish(solveTrack(still)).result).toMatchObject({ ok: false, problem: { key: "track.never-moved" } });
    expect(finish(solveTrack(still.slice(0, 3))).result).toMatchObject({
      ok: false,
      problem: { key: "track.too-few-fixes", fixes: 3 },
    });
    expect(finish(solveTrack(still.map((fix) => ({ ...fix, timeS: null })))).result).toMatchObject({
      ok: false,
      problem: { key: "track.no-times" },
    });
  });
});

describe("a GPX file", () => {
  const read = (text: string): GpxReading => finish(readGpx(text)).result;
  it("gives the fixes of its track, and nothing else's times", () => {
    const { fixes } = makeRide({ ...CLEAN, seconds: 30 });
    const reading = read(gpxText(fixes));
    expect(reading.ok && reading.fixes).toHaveLength(30);
    expect(reading.ok && reading.fixes[3]?.latDeg).toBeCloseTo(fixes[3]?.latDeg ?? 0, 6);
    expect(reading.ok && reading.fixes[3]?.timeS).toBe(fixes[3]?.timeS);
  });
  it("counts the points it cannot read, and goes on", () => {
    const reading = read(
      '<gpx><trk><trkseg><trkpt lat="x" lon="1"/><trkpt lat="47" lon="11"><time>no</time></trkpt><trkpt lat="47" ' +
        'lon="411"/></trkseg></trk></gpx>',
    );
    expect(reading).toEqual({ ok: true, unreadable: 2, fixes: [{ latDeg: 47, lonDeg: 11, timeS: null }] });
  });
  it.each([
    ["<gpx><trk></gpx>", "gpx.not-xml"],
    ["no file at all", "gpx.not-xml"],
    ["<html><body/></html>", "gpx.no-track"],
    ["<gpx><wpt lat='1' lon='2'/></gpx>", "gpx.no-track"],
  ])("refuses %s and says why", (text, key) => expect(read(text)).toMatchObject({ ok: false, problem: { key } }));
});
