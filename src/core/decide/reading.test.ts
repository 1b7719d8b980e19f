import { describe, expect, it } from "vitest";
import { readIntake } from "../facts";
import { counted, displayOf, wheelMm } from "../sheet/cases/lines";
import { readingMisfit } from "./reading";

describe("a pick-up nobody has counted", () => {
  const profile = displayOf([wheelMm("w"), counted("n", "pulsesPerTurn", { min: 1, max: 120 })]);
  const told = (shown: string, circumferenceMm: number) =>
    readingMisfit(
      profile,
      [circumferenceMm, 46],
      readIntake({ rolloutMm: "2190", pickUp: "inside-motor", oneTrueKmh: "20", oneShown: shown }).bike,
    )?.pulses;
  it("is told by the reading: set × shown ÷ true × rollout ÷ wheel set", () => {
    // 46 × 34.8 ÷ 20 = 80.04; with a wheel of 1095 mm set, twice as many.
    expect(told("34.8", 2190)).toBe(80);
    expect(told("34.8", 1095)).toBe(160);
    expect(told("10", 2190)).toBe(23);
  });
});
