import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { mphToKmh } from "./convert";
import { roundSafely } from "./rounding";

describe("roundSafely", () => {
  // The class limits on a whole-km/h line: arithmetic on the 1959 mile.
  it.each([
    [20, 32],
    [28, 45],
    [15.5, 24],
    [3.7, 5],
  ])("a limit of %d mph is held as %d km/h", (mph, kmh) => {
    expect(roundSafely(mphToKmh(mph), "down", { step: 1 })).toBe(kmh);
  });

  it("keeps an exact value under a plain limit and steps off it under a strict one", () => {
    expect(roundSafely(25, "down", { step: 1 })).toBe(25);
    expect(roundSafely(25, "down", { step: 1, strict: true })).toBe(24);
    expect(roundSafely(41, "up", { step: 0.5, strict: true })).toBe(41.5);
  });

  it("does not lose a step to binary noise", () => {
    expect(roundSafely(0.1 + 0.2, "up", { step: 0.1 })).toBe(0.3);
    expect(roundSafely(4.35 * 100, "down", { step: 1 })).toBe(435);
  });

  it("refuses a step of nothing and a value that is no number", () => {
    expect(() => roundSafely(1, "down", { step: 0 })).toThrow(RangeError);
    expect(() => roundSafely(Number.NaN, "down", { step: 1 })).toThrow(RangeError);
  });

  it("lands on the safe side, within one step, on the grid", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1000, max: 1000, noNaN: true }),
        fc.constantFrom(0.1, 0.25, 0.5, 1, 5),
        fc.constantFrom("down" as const, "up" as const),
        (value, step, direction) => {
          const held = roundSafely(value, direction, { step });
          const gap = direction === "down" ? value - held : held - value;
          expect(gap).toBeGreaterThanOrEqual(-1e-6);
          expect(gap).toBeLessThan(step + 1e-6);
          expect(Math.abs(held / step - Math.round(held / step))).toBeLessThan(1e-6);
        },
      ),
    );
  });
});
