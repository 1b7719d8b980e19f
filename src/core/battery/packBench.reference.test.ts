// Packs, gauges and currents against worked examples, a wire standard and sets in use.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { AGED_FACTOR, chargeAt, coldFactor, usableShare } from "./cells";
import { seriesFromCharger } from "./charger";
import { CHEMISTRIES, restV, type Chemistry } from "./chemistry";
import { allowedCurrent, gaugeAreaMm2, motorAmps } from "./current";
import { barsLit, barVoltages, cutOffOf, gaugeTable, packMismatch, packOhm, type Pack } from "./gauge";
import { batteryWatts } from "./watts";

const pack48: Pack = { chemistry: "nmc", series: 13, parallel: 4, cellOhm: 0.05, aged: false, temperatureC: 20 };
const pack36: Pack = { ...pack48, series: 10 };

describe("cells", () => {
  it("charge and rest volts are each other's way back, for every chemistry", () => {
    fc.assert(
      fc.property(
        fc.constantFrom<Chemistry>("nmc", "lfp", "lead-acid"),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (chemistry, charge) => {
          expect(chargeAt(chemistry, restV(chemistry, charge))).toBeCloseTo(charge, 6);
        },
      ),
    );
  });
  // Common practice, no source: full-charge volts printed on chargers.
  it.each([
    [42, "nmc", 10],
    [54.6, "nmc", 13],
    [58.8, "nmc", 14],
    [84, "nmc", 20],
    [43.8, "lfp", 12],
    [58.4, "lfp", 16],
    [45, "nmc", null],
  ] as const)("a charger of %d V on %s is for %s cells", (volts, chemistry, cells) =>
    expect(seriesFromCharger(volts, chemistry)).toBe(cells),
  );
  it("cold and age raise resistance, cold takes charge", () => {
    expect(packOhm(pack48)).toBeCloseTo((13 * 0.05) / 4, 12);
    expect(packOhm({ ...pack48, aged: true, temperatureC: 0 })).toBeCloseTo(packOhm(pack48) * AGED_FACTOR * 2, 12);
    expect([coldFactor(25), coldFactor(10)]).toEqual([1, 1.5]);
    expect([usableShare(20), usableShare(0)]).toEqual([0.9, 0.675]);
  });
});

describe("gauge bars", () => {
  // Common practice, no source: a set in use on a 48 V pack is 40, 44.5, 46.5, 47.5, 49.
  it("five bars of a 48 V pack under 10 A come out within 1 V of a set in use", () => {
    const bars = barVoltages(pack48, 5, 10, 0.5, 40);
    [40, 44.5, 46.5, 47.5, 49].forEach((volts, i) => expect(Math.abs((bars[i] ?? 0) - volts)).toBeLessThanOrEqual(1));
  });
  it("climb, never stand under the cut-off, and all light on a full pack, at any number of bars", () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 10 }), fc.double({ min: 0, max: 15, noNaN: true }), (count, amps) => {
        const bars = barVoltages(pack48, count, amps, 0.1, 41);
        bars.forEach((volts, i) => expect(volts).toBeGreaterThanOrEqual(Math.max(41, bars[i - 1] ?? 0)));
        expect(barsLit(bars, 13 * 4.2 - amps * packOhm(pack48))).toBe(count);
      }),
    );
  });
  it(
    "a gauge set for the pack fitted shows what is there; one set for less " + "shows full until it is nearly empty",
    () => {
      for (const row of gaugeTable(pack48, pack48, 5, 5)) {
        expect(row.shownShare).toBeCloseTo(row.charge, 6);
        expect(row.barsShown).toBe(row.barsTrue);
        // Lower thresholds at 0, 20, 40, 60, 80 %; right on one of them the rounding up decides.
        if (![0, 0.2, 0.4, 0.6, 0.8].includes(row.charge))
          expect(row.barsTrue).toBe(Math.min(5, Math.floor(row.charge * 5) + 1));
      }
      expect(gaugeTable(pack48, pack36, 5, 5).map((row) => row.barsShown)).toEqual(Array(11).fill(5));
      expect(gaugeTable(pack36, pack48, 5, 5).every((row) => row.barsShown <= 1)).toBe(true);
    },
  );
});

describe("cut-off", () => {
  // Common practice, no source: 48 V at 40–41; 36 V at 29–31, where 29 is under a 3.0 V cell.
  it("48 V at 40.5 with a 3.1 V cell, 36 V at 31", () => {
    expect(cutOffOf(pack48, 20, 0.5)).toMatchObject({ advisedV: 40.5, leastV: 39, sparingV: 41.5 });
    expect(cutOffOf(pack36, 15, 0.5).advisedV).toBe(31);
    // A BMS that opens at 2.8 V a cell, and a tenth of a volt kept above it: 13 × 2.9 V.
    expect(cutOffOf(pack48, 20, 0.5).bmsV).toBeCloseTo(37.7, 9);
    const careful = { ...CHEMISTRIES.nmc, bmsOpensV: { low: 2.5, high: 3.2 } };
    expect(cutOffOf(pack48, 20, 0.5, careful)).toMatchObject({ advisedV: 43 });
    expect(cutOffOf(pack48, 20, 0.5, careful).leastV).toBeCloseTo(42.9, 9);
  });
  it("is met early by a full pull: the sag is part of it", () => {
    const cutOff = cutOffOf(pack48, 20, 0.5);
    // By hand: 20 A × 13 × 0.05 / 4 = 3.25 V.
    expect(cutOff.sagV).toBeCloseTo(3.25, 9);
    expect(cutOff.chargeAtFullPull).toBeGreaterThan(cutOffOf(pack48, 5, 0.5).chargeAtFullPull);
  });
  it("a display set too low can run the pack flat, one set too high cuts early", () => {
    expect(packMismatch(pack48, 48, pack36, 36, 20).map(({ key }) => key)).toEqual([
      "mismatch.gauge-always-full",
      "mismatch.run-flat",
    ]);
    const early = packMismatch(pack36, 36, pack48, 48, 15);
    // By hand: 13 × 3.1 = 40.3 V on ten cells is 4.03 V a cell, between 3.97 at 80 % and 4.07 at 90 %.
    expect(early[0]).toMatchObject({ key: "mismatch.early-cut", chargeLeft: expect.closeTo(0.86, 2) });
    expect(
      packMismatch(
        { ...pack48, chemistry: "lfp", series: 15 },
        48,
        { ...pack48, chemistry: "lfp", series: 15 },
        48,
        20,
      ).map(({ key }) => key),
    ).toEqual(["mismatch.gauge-useless"]);
  });
});

describe("current", () => {
  // Source: ASTM B258: 12 gauge is 2.053 mm across, 3.31 mm²; 16 gauge 1.31 mm².
  it.each([
    [12, 3.31],
    [14, 2.08],
    [16, 1.31],
  ])("gauge %d is %d mm²", (gauge, area) => expect(gaugeAreaMm2(gauge)).toBeCloseTo(area, 2));
  it("the weakest part decides", () => {
    const bounds = [
      { part: "controller", amps: 22 },
      { part: "bms", amps: 30 },
      { part: "motor", amps: motorAmps(250, 1.75, 0.78, 36) },
    ] as const;
    // By hand: 250 × 1.75 ÷ 0.78 ÷ 36 = 15.6 A, not 250 ÷ 36 = 6.9.
    expect(allowedCurrent(bounds)).toMatchObject({ by: "motor", allowedA: expect.closeTo(15.58, 1) });
    expect(allowedCurrent([])).toBeNull();
  });
  // By hand, 48 V × 22 A = 1056 W on the label; full 22·(54.6 − 22·0.1625) = 1122.6 W.
  it("watts by label, full and sagged", () => {
    const watts = batteryWatts(pack48, 48, 22);
    expect(watts.labelW).toBe(1056);
    expect(watts.fullW).toBeCloseTo(1122.6, 1);
    expect(watts.saggedW).toBeCloseTo(22 * (13 * 3.54 - 22 * 0.1625), 6);
  });
});
