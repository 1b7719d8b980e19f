// Typed units against the general-purpose library convert-units, and what is none of them.
import convert from "convert-units";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { otherUnits, readQuantity } from "./quantity";

describe("a number with a unit of its own", () => {
  // Source: npm package convert-units 2.3.
  it.each([
    ["12 mph", "km/h", convert(12).from("m/h").to("km/h"), 3],
    ["5,5 m/s", "km/h", convert(5.5).from("m/s").to("km/h"), 6],
    ["86.5 in", "mm", convert(86.5).from("in").to("mm"), 3],
    ['29"', "mm", convert(29).from("in").to("mm"), 3],
    ["7 ft", "mm", convert(7).from("ft").to("mm"), 2],
    ["165 lb", "kg", convert(165).from("lb").to("kg"), 2],
    ["165lbs", "kg", convert(165).from("lb").to("kg"), 2],
    ["-4 °F", "°C", convert(-4).from("F").to("C"), 6],
    ["1.2 kW", "W", convert(1.2).from("kW").to("W"), 6],
    ["3 mi", "km", convert(3).from("mi").to("km"), 3],
  ])("%s in %s", (typed, unit, expected, digits) => {
    expect(readQuantity(typed, unit).value).toBeCloseTo(expected, digits);
    expect(readQuantity(typed, unit).converted).toBe(true);
  });
  it("is taken as it stands in its own unit, named or not, whatever the unit", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -100_000, max: 100_000 }),
        fc.constantFrom("km/h", "mm", "kg", "A", "V", "%", "cells"),
        (tenths, unit) => {
          for (const typed of [
            `${tenths / 10}`,
            `${tenths / 10} ${unit}`,
            ` ${String(tenths / 10).replace(".", ",")}${unit} `,
          ])
            expect(readQuantity(typed, unit)).toEqual({ value: tenths / 10, converted: false });
        },
      ),
    );
  });
  it.each([
    ["12 kg", "km/h"],
    ["12 mph", null],
    ["12 mph 3", "km/h"],
    ["mph", "km/h"],
    ["1.2.3", "mm"],
    ["twelve", "kg"],
    ["", "kg"],
    ["5 in", "V"],
  ])("%j is nothing in %s", (typed, unit) => {
    expect(readQuantity(typed, unit).value).toBeNaN();
  });
  it("names a few of the units that would be taken", () => {
    expect(otherUnits("km/h")).toEqual(["mph", "m/s"]);
    expect(otherUnits("kg")).toContain("lb");
    expect(otherUnits("V")).toEqual([]);
    for (const unit of ["km/h", "km", "m", "mm", "kg", "W", "°C"])
      for (const other of otherUnits(unit)) expect(readQuantity(`1 ${other}`, unit).converted).toBe(true);
  });
});
