// Pack figures against what the trade sets.
import { describe, expect, it } from "vitest";
import { CHEMISTRIES, fullPackV, usualSeries, type Chemistry } from "./chemistry";
import { cutOffFloor, labelWatts } from "./pack";

describe("packs", () => {
  // Common practice, no source.
  it.each([
    ["nmc", 24, [7]],
    ["nmc", 36, [10]],
    ["nmc", 44, [12]],
    ["nmc", 48, [13]],
    ["nmc", 52, [14]],
    ["nmc", 60, [16, 17]],
    ["nmc", 72, [20]],
    ["lfp", 24, [8]],
    ["lfp", 36, [12]],
    ["lfp", 48, [15, 16]],
    ["lfp", 72, [24]],
  ] as const)("%s of %d V has %j cells in series", (chemistry, nominalV, series) =>
    expect(usualSeries(nominalV, chemistry)).toEqual(series),
  );
  it("knows no NMC pack of 50 V", () => expect(usualSeries(50, "nmc")).toEqual([]));
  it("has a cut-off for every pack practice knows, above no charge and below a full one", () => {
    for (const chemistry of Object.keys(CHEMISTRIES) as Chemistry[])
      for (const volts of Object.keys(CHEMISTRIES[chemistry].usualSeries))
        for (const series of usualSeries(Number(volts), chemistry)) {
          const { leastV, advisedV } = cutOffFloor(series, chemistry, 0.5);
          expect(advisedV).toBeGreaterThanOrEqual(leastV);
          expect(advisedV).toBeLessThan(fullPackV(series, chemistry));
          expect(leastV).toBeGreaterThan(0.7 * Number(volts));
        }
  });
  // Common practice, no source: the full-charge voltages printed on chargers.
  it.each([
    [36, 42],
    [48, 54.6],
    [52, 58.8],
  ])("a %d V pack charges to %d V", (nominalV, fullV) => {
    expect(fullPackV(usualSeries(nominalV, "nmc")[0] ?? 0, "nmc")).toBeCloseTo(fullV, 9);
  });
  // Common practice, no source: 48 V at 40–41, 36 V at 29–31, where 29 is under a 3.0 V cell.
  it("48 V cuts off at 40–41", () => {
    // 13 cells at 3.1 V are 40.3 V; a line in half volts takes the one above.
    expect(cutOffFloor(13, "nmc", 0.5).advisedV).toBe(40.5);
    expect(cutOffFloor(13, "nmc", 1).advisedV).toBe(41);
  });
  it("36 V at 29 is under the floor, at 31 is advised", () => {
    const floor = cutOffFloor(10, "nmc", 0.5);
    expect(floor.leastV).toBeGreaterThan(29);
    expect(floor.advisedV).toBe(31);
  });
  it("an LFP pack is held up by its cells: its BMS opens lower", () => {
    expect(cutOffFloor(15, "lfp", 1)).toMatchObject({ leastV: 42, advisedV: 42 });
    expect(cutOffFloor(15, "lfp", 1).bmsV).toBeCloseTo(39, 9);
  });
  it("a pack whose BMS opens above its cells' floor is held up by that, and a tenth of a volt a cell more", () => {
    const careful = { ...CHEMISTRIES.nmc, bmsOpensV: { low: 2.5, high: 3.1 } };
    const { leastV, advisedV } = cutOffFloor(10, "nmc", 0.5, careful);
    expect(leastV).toBeCloseTo(32, 9);
    expect(advisedV).toBe(32);
  });
  // Common practice, no source: the label of the kit.
  it("48 V × 22 A is 1056 W on the label", () => expect(labelWatts(48, 22)).toBe(1056));
});
