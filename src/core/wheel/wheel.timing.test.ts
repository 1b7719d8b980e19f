// How long the pair search and a recorded ride may take. Run before the other tests, alone on the machine.
import { expect, it } from "vitest";
import { readGpx } from "./gpx";
import { bestPair } from "./pairSearch";
import { CLEAN, gpxText, makeRide } from "./testingTrack";
import { solveTrack } from "./track";

/** Runs a stepwise work to its end, with the shares it told on the way. */
function finish<Result>(work: Generator<number, Result>): {
  readonly result: Result;
  readonly shares: readonly number[];
} {
  const shares: number[] = [];
  let step = work.next();
  for (; !step.done; step = work.next()) shares.push(step.value);
  return { result: step.value, shares };
}

it("every pair of a 0–255 pulse line and a line in millimetres is looked at in under 30 ms", () => {
  const wheels = Array.from({ length: 2001 }, (_, i) => ({ code: 1000 + i, circumferenceMm: 1000 + i }));
  const pulses = Array.from({ length: 256 }, (_, i) => ({ code: i, count: i }));
  const asked = {
    wheels,
    pulses,
    asFound: { wheel: null, pulse: null },
    pulsesPerMm: 200 / 2231.7,
    physicalPulses: 200,
  };
  bestPair(asked);
  const times = Array.from({ length: 7 }, () => {
    const began = performance.now();
    bestPair(asked);
    return performance.now() - began;
  }).sort((a, b) => a - b);
  expect(times[3]).toBeLessThan(30);
});

it("ten hours at one fix a second are read and solved in under 2 s, with progress on the way", () => {
  const text = gpxText(
    makeRide({ ...CLEAN, seconds: 36_000, whiteM: 1.5, driftM: 3, stopEveryS: 1800, seed: 9 }).fixes,
  );
  const once = () => {
    const began = performance.now();
    const { result, shares } = finish(readGpx(text));
    if (!result.ok) throw new Error(result.problem.key);
    const track = finish(solveTrack(result.fixes));
    return { ms: performance.now() - began, shares, track };
  };
  const [{ shares, track }, second] = [once(), once()];
  expect(second.ms).toBeLessThan(2000);
  expect(shares.length).toBeGreaterThan(10);
  expect(track.shares.length).toBeGreaterThan(10);
  expect(track.result.ok && track.result.track.points.length).toBeGreaterThan(35_000);
});
