// The stated interval of a track's length against rides whose length is known: streets that turn every hundred metres,
// one to three metres of scatter, a fix every one to five seconds, and a receiver that drifts.
import { describe, expect, it } from "vitest";
import { seeded } from "../units/seeded";
import { makeTownRide, type TownWish } from "./testingTrack";
import { solveTrack, type Fix, type Track } from "./track";

function solved(fixes: readonly Fix[]): Track {
  const work = solveTrack(fixes);
  let step = work.next();
  while (!step.done) step = work.next();
  if (!step.value.ok) throw new Error(step.value.problem.key);
  return step.value.track;
}

/** Rides of a town, and how the solved length of each stands to the true one. */
function townRides(count: number, seed: number, over: Partial<TownWish> = {}) {
  const random = seeded(seed);
  return Array.from({ length: count }, (_, i) => {
    const { fixes, trueM } = makeTownRide({
      seed: seed + i,
      seconds: 1200 + 1200 * random(),
      fixEveryS: 1 + Math.floor(5 * random()),
      whiteM: 1 + 2 * random(),
      driftM: 4 * random(),
      cornerEveryM: 100,
      radiusM: 8 * random(),
      ...over,
    });
    const { lengthKm, errorKm } = solved(fixes);
    const off = lengthKm - trueM / 1000;
    return { relative: off / (trueM / 1000), holds: Math.abs(off) <= errorKm, errorShare: errorKm / lengthKm };
  });
}
const shareHeld = (rides: ReturnType<typeof townRides>): number =>
  rides.filter(({ holds }) => holds).length / rides.length;
const medianOf = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? Number.NaN;

describe("a ride through town", () => {
  // Other seeds than those the interval was fitted to.
  const rides = townRides(500, 40_000);
  it("lies within its stated interval in 93 to 97 of a hundred", () => {
    expect(shareHeld(rides)).toBeGreaterThanOrEqual(0.93);
    expect(shareHeld(rides)).toBeLessThanOrEqual(0.97);
  });
  it("is off by less than 1 % in the median, and the interval is not wide for nothing", () => {
    expect(medianOf(rides.map(({ relative }) => Math.abs(relative)))).toBeLessThan(0.01);
    expect(medianOf(rides.map(({ errorShare }) => errorShare))).toBeLessThan(0.012);
  });
  it("holds on corners as sharp as they can be, and on sparse ones", () => {
    expect(shareHeld(townRides(60, 50_000, { radiusM: 0 }))).toBeGreaterThan(0.88);
    expect(shareHeld(townRides(60, 60_000, { cornerEveryM: 250 }))).toBeGreaterThan(0.88);
  });
  it("is judged the same way every time", () => {
    const { fixes } = makeTownRide({
      seed: 3,
      seconds: 900,
      fixEveryS: 2,
      whiteM: 2,
      driftM: 2,
      cornerEveryM: 100,
      radiusM: 4,
    });
    expect(solved(fixes)).toEqual(solved(fixes));
  });
});
