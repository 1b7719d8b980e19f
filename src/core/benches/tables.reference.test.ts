// Tables and the unit rule against ISO 5775, a unit library and the trade's own figures.
import convert from "convert-units";
import { describe, expect, it } from "vitest";
import { CLASSES } from "@/catalog/classes/classes";
import { ticks, toLower, toUpper, UNIT_PAIRS, upperAt } from "../units/rule";
import { BEAD_SEATS_MM } from "../wheel";
import { limitRow, packTable, startTable, tyreRow, tyreTable } from "./tables";

describe("the unit rule", () => {
  // Against a general-purpose unit library; speeds and temperatures too.
  it.each([
    ["speed", "km/h", "m/h", 25],
    ["distance", "km", "mi", 40],
    ["length", "mm", "in", 660.4],
    ["mass", "kg", "lb", 77.1],
    ["temperature", "C", "F", -5],
  ] as const)("%s agrees both ways", (id, from, to, value) => {
    const pair = UNIT_PAIRS.find((each) => each.id === id);
    if (!pair) throw new Error(id);
    expect(toLower(pair, value)).toBeCloseTo(convert(value).from(from).to(to), 3);
    expect(toUpper(pair, toLower(pair, value))).toBeCloseTo(value, 9);
  });
  // Common practice, no source: figures said in the trade.
  it.each([
    [25, 15.53],
    [32, 19.88],
    [100, 62.14],
    [72, 44.74],
  ])("%d km/h is %d mph", (kmh, mph) =>
    expect(
      toLower(
        UNIT_PAIRS[0] ??
          (() => {
            throw new Error("no pair");
          })(),
        kmh,
      ),
    ).toBeCloseTo(mph, 2),
  );
  it("marks climb along the rule, stay on it, and a readable number of them is long", () => {
    for (const pair of UNIT_PAIRS)
      for (const side of ["upper", "lower"] as const) {
        const marks = ticks(pair, side);
        marks.forEach((mark, i) => expect(mark.at).toBeGreaterThan(i === 0 ? -1e-9 : (marks[i - 1]?.at ?? 0)));
        expect(marks.every(({ at }) => at >= -1e-9 && at <= 1 + 1e-9)).toBe(true);
        const long = marks.filter((mark) => mark.long).length;
        expect([long >= 5, long <= 15]).toEqual([true, true]);
      }
    const [speed] = UNIT_PAIRS;
    if (speed) expect([upperAt(speed, -1), upperAt(speed, 0.5), upperAt(speed, 2)]).toEqual([0, 30, 60]);
  });
});

describe("tables", () => {
  it("have a tyre for every common rim of ISO 5775-1", () =>
    expect([...new Set(tyreTable().map(({ tyre }) => tyre.beadSeatMm))].sort((a, b) => a - b)).toEqual([
      ...BEAD_SEATS_MM,
    ]));
  // Common practice, no source: a 26 × 4 is set as a 29.
  it("a 100-559 goes with code 29, about 29 inches tall", () =>
    expect(tyreRow({ widthMm: 100, beadSeatMm: 559 })).toMatchObject({
      codeInch: 29,
      outerInch: expect.closeTo(29.1, 1),
    }));
  it("an inch code is offered only within 3 %, and rather one that does not read low", () => {
    for (const row of tyreTable()) {
      if (row.codeOff === null) continue;
      expect(Math.abs(row.codeOff - 1)).toBeLessThanOrEqual(0.03);
    }
  });
  // Common practice, no source: 48 V cuts off at 40–41, charges to 54.6.
  it("packs", () => {
    const row = packTable("nmc").find(({ nominalV }) => nominalV === 48);
    expect(row).toMatchObject({ series: 13, chargerV: expect.closeTo(54.6, 9), cutOffV: 40.5 });
    expect(
      packTable("nmc")
        .filter(({ nominalV }) => nominalV === 60)
        .map(({ series }) => series),
    ).toEqual([16, 17]);
    expect(
      packTable("lfp")
        .filter(({ nominalV }) => nominalV === 48)
        .map(({ series }) => series),
    ).toEqual([15, 16]);
  });
  // By arithmetic on the 1959 mile: 20 mph is 32 on a whole-km/h line, 28 is 45, 15.5 is 24.
  it("class limits on whole lines", () => {
    const whole = Object.fromEntries(CLASSES.map(limitRow).map(({ rule, wholeKmh }) => [rule.id, wholeKmh]));
    expect(whole).toMatchObject({ "us-class-1": 32, "us-class-3": 45, "uk-eapc": 24 });
    expect(whole["private-land"]).toBeNull();
  });
  // Worked example of the trade, no source: 5 of 12 is 120–150°, 0.42 s at 60 rpm.
  it("start angles", () =>
    expect(startTable(12, 60)[4]).toMatchObject({
      pulses: 5,
      leastDeg: 120,
      mostDeg: 150,
      ridingS: expect.closeTo(0.42, 2),
    }));
});
