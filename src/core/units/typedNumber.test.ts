import { describe, expect, it } from "vitest";
import { typedDecimals, typedNumber } from "./typedNumber";

describe("a number as typed", () => {
  it.each([
    ["25", 25],
    [" 25,5 ", 25.5],
    ["27.50", 27.5],
    ["-3", -3],
    ["− 3", -3],
    ["–0,5", -0.5],
    ["+4", 4],
    ["0", 0],
  ])("%j is %d", (typed, value) => expect(typedNumber(typed)).toBe(value));
  it.each(["", " ", "-", "25 km", "1.2.3", "1,000,000", "0x10", "1e3", "Infinity", ".5", "5."])(
    "%j is no number",
    (typed) => expect(typedNumber(typed)).toBeNaN(),
  );
  it("counts the decimals it is typed with", () => {
    expect(["25", "25,5", "25.50"].map(typedDecimals)).toEqual([0, 1, 2]);
  });
});
