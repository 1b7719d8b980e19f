// What a pick-up can be, counted by hand, and how far one reading rules each out.
import { describe, expect, it } from "vitest";
import { pickUpHypotheses, workBack, type OneReading } from "./pickUp";
import { rankWheels } from "./wheelCode";

const pulsesOf = (facts: Parameters<typeof pickUpHypotheses>[0]) =>
  Object.fromEntries(pickUpHypotheses(facts).map(({ meaning, pulses }) => [meaning, pulses]));

describe("what a pick-up could be", () => {
  it("keeps poles, pairs, edges and the gear apart: 20 poles and 4.4 : 1", () => {
    expect(pulsesOf({ spokeMagnets: 1, motorPoles: 20, gearRatio: 4.4 })).toEqual({
      "spoke-magnets": 1,
      poles: 20,
      "poles-geared": 88,
      "pole-pairs": 10,
      "pole-pairs-geared": 44,
      // Three hall sensors, each switching on and off once a pair: six edges.
      edges: 60,
      "edges-geared": 264,
      "wheel-sensor": 6,
    });
  });

  it("knows no gear in a direct drive, and leaves out what nobody counted", () => {
    expect(pulsesOf({ spokeMagnets: null, motorPoles: 46, gearRatio: 1 })).toEqual({
      poles: 46,
      "pole-pairs": 23,
      edges: 138,
      "wheel-sensor": 6,
    });
    expect(pulsesOf({ spokeMagnets: null, motorPoles: null, gearRatio: null })).toEqual({ "wheel-sensor": 6 });
  });
});

describe("one reading worked back", () => {
  const reading: OneReading = {
    trueKmh: 20,
    trueUncertaintyKmh: 0.5,
    shownKmh: 40,
    shownStepKmh: 1,
    pulsesSet: 3,
    circumferenceSetMm: 2100,
    rolloutMm: 2000,
    rolloutUncertaintyMm: 10,
  };

  it("gives the pulses, and adds the three errors up: half a step of the display, the true speed, the tape", () => {
    const { pulses, uncertainty } = workBack(reading, []);
    expect(pulses).toBeCloseTo((40 / 20) * 3 * (2000 / 2100), 9);
    expect(uncertainty / pulses).toBeCloseTo(0.5 / 20 + 0.5 / 40 + 10 / 2000, 9);
  });

  it("rules out what lies past that, on either side, and no more", () => {
    // 5.714 ± 0.243 pulses.
    const at = (pulses: number) => workBack(reading, [{ meaning: "poles", pulses }]).ranked[0]?.possible;
    expect([5.46, 5.48, 5.95, 5.97].map(at)).toEqual([false, true, true, false]);
  });

  it("puts the likeliest first, by ratio and not by difference", () => {
    const twice = { meaning: "poles", pulses: 2 * 5.714 } as const;
    const third = { meaning: "pole-pairs", pulses: 5.714 / 3 } as const;
    expect(workBack(reading, [third, twice]).ranked.map(({ meaning }) => meaning)).toEqual(["poles", "pole-pairs"]);
  });
});

describe("wheel codes ranked", () => {
  const ranked = (...circumferencesMm: readonly number[]) =>
    rankWheels(
      circumferencesMm.map((circumferenceMm) => ({ code: circumferenceMm, circumferenceMm })),
      2000,
      1,
    ).map(({ code }) => code);

  it("prefers one that never reads low where it is as good within three in a thousand", () => {
    // Off by 1.0 ‰ low and 3.5 ‰ high: as good within 3 ‰.
    expect(ranked(1998, 2007)[0]).toBe(2007);
    // Off by 1.0 ‰ low and 5 ‰ high: not as good.
    expect(ranked(1998, 2010)[0]).toBe(1998);
  });

  it("takes the smaller of two that read high", () => expect(ranked(2004, 2002, 2030)).toEqual([2002, 2004, 2030]));
});
