import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { equalFeelLadder, geometricLadder, holdShare, linearLadder } from "./ladder";
import { twins } from "./twins";
import { pulsesForAngle, pulsesWithinAngle, startAngle } from "./start";

const percent = (shares: readonly number[], most = 1) =>
  shares.map((share) => Math.round(100 * holdShare(share, { least: 0.01, step: 0.01, most })));

describe("ladders", () => {
  // Common practice, no source.
  it("linear from 20 to 100 over five, and 20, 30 … 90, 99 over nine", () => {
    expect(percent(linearLadder({ levels: 5, first: 0.2, top: 1 }))).toEqual([20, 40, 60, 80, 100]);
    expect(percent(linearLadder({ levels: 9, first: 0.2, top: 1 }), 0.99)).toEqual([
      20, 30, 40, 50, 60, 70, 80, 90, 99,
    ]);
  });
  it("geometric keeps one ratio from level to level", () => {
    const shares = geometricLadder({ levels: 4, first: 0.125, top: 1 });
    expect(shares.map((share) => Number(share.toFixed(9)))).toEqual([0.125, 0.25, 0.5, 1]);
  });
  it("equal feel makes equal steps of whatever is felt, and stops where it stops growing", () => {
    const felt = (share: number) => Math.min(20, Math.sqrt(share) * 25);
    const shares = equalFeelLadder({ levels: 4, first: 0.1, top: 1 }, felt);
    const steps = shares.slice(1).map((share, i) => felt(share) - felt(shares[i] ?? 0));
    expect(Math.max(...steps) - Math.min(...steps)).toBeLessThan(0.05);
    expect(shares.at(-1)).toBeCloseTo(0.64, 2);
  });
  it(
    "always climbs, starts and ends where asked, and a line never holds more than was asked unless its floor says " +
      "so",
    () => {
      fc.assert(
        fc.property(
          fc.integer({ min: 2, max: 9 }),
          fc.double({ min: 0.05, max: 0.5, noNaN: true }),
          fc.double({ min: 0.6, max: 1, noNaN: true }),
          (levels, first, top) => {
            for (const shares of [linearLadder({ levels, first, top }), geometricLadder({ levels, first, top })]) {
              expect(shares[0]).toBeCloseTo(first, 9);
              expect(shares.at(-1)).toBeCloseTo(top, 9);
              shares.slice(1).forEach((share, i) => expect(share).toBeGreaterThan(shares[i] ?? 0));
              shares.forEach((share) =>
                expect(holdShare(share, { least: 0.2, most: 0.99, step: 0.01 })).toBeLessThanOrEqual(
                  Math.max(0.2, share) + 1e-9,
                ),
              );
            }
          },
        ),
      );
    },
  );
  it("one level alone is the top", () => expect(linearLadder({ levels: 1, first: 0.2, top: 0.9 })).toEqual([0.9]));
});

describe("twins", () => {
  it("levels alike on the flat but not on a hill are no twins", () => {
    expect(
      twins([
        { flatKmh: 24.5, hillKmh: 12, flatBatteryW: 200, hillBatteryW: 300 },
        { flatKmh: 24.6, hillKmh: 16, flatBatteryW: 205, hillBatteryW: 500 },
      ]),
    ).toEqual([]);
  });
  it("levels as fast but drawing clearly more are no twins; a few watts apart they are", () => {
    const level = (flatBatteryW: number) => ({ flatKmh: 24.9, hillKmh: 12, flatBatteryW, hillBatteryW: 400 });
    expect(twins([level(150), level(200)])).toEqual([]);
    expect(twins([level(190), level(200)])).toEqual([{ level: 1, sameAs: 0 }]);
  });
  it("a measured level is never held against one that is only modelled", () => {
    const level = (kmh: number, measuredKmh: number | null) => ({
      flatKmh: kmh,
      hillKmh: 8,
      flatBatteryW: 100,
      hillBatteryW: 200,
      measuredKmh,
    });
    expect(twins([level(19.7, null), level(19.7, 15), level(19.7, 17.5), level(20, 20)])).toEqual([]);
    expect(twins([level(15, 15), level(15.2, null)])).toEqual([]);
    expect(twins([level(15, null), level(15.2, 15.2)])).toEqual([]);
    expect(twins([level(19.7, 15), level(19.7, 15.4)])).toEqual([{ level: 1, sameAs: 0 }]);
  });
  it("a run of levels each close to the next is not one level: each is held against the last that differed", () => {
    const creeping = [10, 11, 12, 13].map((speed) => ({
      flatKmh: speed,
      hillKmh: speed,
      flatBatteryW: 0,
      hillBatteryW: 0,
    }));
    expect(twins(creeping)).toEqual([
      { level: 1, sameAs: 0 },
      { level: 3, sameAs: 2 },
    ]);
  });
});

describe("start angle, the other way", () => {
  it("starts no later than wanted, where the gentler rounding starts no sooner", () => {
    expect(pulsesWithinAngle(100, 12)).toBe(3);
    expect(startAngle(pulsesWithinAngle(100, 12), 12).mostDeg).toBeLessThanOrEqual(100);
    expect(startAngle(pulsesForAngle(100, 12), 12).mostDeg).toBeGreaterThanOrEqual(100);
  });
});
