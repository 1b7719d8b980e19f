// Start angle against a worked example of the trade (common practice, no source): 5 of 12.
import { describe, expect, it } from "vitest";
import { pulsesForAngle, startAngle, startDelayS } from "./start";

describe("start angle", () => {
  it("5 of 12 starts after 120–150°, at most 0.42 s at 60 rpm", () => {
    expect(startAngle(5, 12)).toEqual({ leastDeg: 120, mostDeg: 150 });
    expect(startDelayS(5, 12, 60)).toBeCloseTo(0.42, 2);
  });
  it("goes back from the angle to the count, to the gentler side", () => {
    expect(pulsesForAngle(150, 12)).toBe(5);
    expect(pulsesForAngle(100, 12)).toBe(4);
    expect(pulsesForAngle(0, 12)).toBe(1);
  });
});
