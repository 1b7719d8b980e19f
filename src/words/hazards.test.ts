// What is said of a speedometer: the cause first, then what comes of it, then what mends it; and figures that read at
// once.
import { describe, expect, it } from "vitest";
import type { ReadingMisfit, SpeedometerMistake } from "@/core/decide";
import { findingText, type Voice } from "./findings";

const VOICE: Voice = { unit: "kmh", className: "EU EPAC", classUnit: "kmh" };
const MISTAKE: SpeedometerMistake = {
  r: 1.74,
  cause: "pulses",
  code: "52",
  holds: "46",
  wants: 80,
  mends: "80",
  locked: true,
};
const said = (edit: Partial<SpeedometerMistake>): string =>
  findingText({ key: "hazard.speedometer-mistake", ...MISTAKE, ...edit }, VOICE);
const READING: ReadingMisfit = {
  cause: "unit",
  trueKmh: 20,
  shown: 12.4,
  expected: 20,
  unit: "kmh",
  code: "63",
  pulses: null,
};
const read = (edit: Partial<ReadingMisfit>): string =>
  findingText({ key: "hazard.reading-misfit", ...READING, ...edit }, VOICE);

describe("a display that is far off", () => {
  it("names the line, how far off, and what mends it, in that order", () => {
    expect(said({})).toBe(
      "Line 52 is 46; this pick-up gives 80. The speedometer reads 74 % high: it robs the rider of speed and range. " +
        "Unlock it, set it to 80, and leave the others.",
    );
    expect(said({ r: 0.68, cause: "wheel", holds: "16", wants: null, mends: null, locked: false })).toBe(
      "Line 52 is 16, a wheel of another size. The speedometer reads 32 % low: the bike is faster than it says. Mend " +
        "it there, and leave the others.",
    );
    expect(said({ mends: null })).toContain("It cannot hold 80: this display cannot count this pick-up.");
  });

  it.each([
    [5, "shows 5 times the true speed: it robs"],
    [2, "shows 2 times the true speed"],
    [1.99, "reads 99 % high"],
    [0.51, "reads 49 % low"],
    [0.5, "shows only 50 % of the true speed: the bike is faster"],
    [0.0127, "shows only 1 % of the true speed"],
  ])("at r = %s it %s", (r, words) => expect(said({ r })).toContain(`The speedometer ${words}`));

  it("has a sentence of its own for every cause, and none names a line where none explains it", () => {
    const causes = [
      "pulses",
      "magnets",
      "poles-for-pairs",
      "pairs-for-poles",
      "ratio-left-out",
      "calibration",
    ] as const;
    const wheels = ["wheel", "diameter-for-circumference", "inches-for-millimetres"] as const;
    const all = [...causes, ...wheels].map((cause) => said({ cause }));
    expect(new Set(all).size).toBe(all.length);
    for (const each of all) expect(each).toMatch(/^Line 52 .*\. The speedometer .*leave the others\.$/);
    expect(said({ cause: "several", code: "", holds: "" })).toMatch(/^The speedometer .*No one line explains it\./);
  });
});

describe("a reading that does not fit", () => {
  it("says what it showed, what it should have shown, and where to look", () => {
    expect(read({})).toBe(
      "At a true 20 km/h it showed 12.4; by its lines it should show 20. That is the same speed in mph: look at the " +
        "unit on the screen and read line 63 again.",
    );
    expect(read({ code: "" })).toMatch(/look at the unit on the screen\.$/);
    expect(read({ cause: "counted-by-it", expected: null, pulses: 80 })).toBe(
      "At a true 20 km/h it showed 12.4. Nobody has counted the pick-up; this reading speaks for 80 pulses a wheel " +
        "turn. Turn the wheel once and count.",
    );
    expect(read({ cause: "nothing-shown", shown: 0 })).toMatch(/^At a true 20 km\/h it showed nothing\./);
  });

  it("has a sentence of its own for every cause", () => {
    const causes = ["unit", "twice", "half", "gear-ratio", "other-pulse-line", "nothing-shown", "unexplained"] as const;
    expect(new Set(causes.map((cause) => read({ cause }))).size).toBe(causes.length);
  });
});
