// The wheel's numbers against ISO 5775-1 diameters and worked examples of the trade.
import { describe, expect, it } from "vitest";
import { capSettingFor, trueCap } from "./readout";
import { knownReadout } from "./testingReadout";
import { estimatedRollout, measuredRollout } from "./rollout";
import { loadedRolloutMm, outerDiameterMm, readTyre, unloadedRolloutMm } from "./tyre";
import { nominalCircumferenceMm, rankWheels } from "./wheelCode";

describe("rollout from the designation", () => {
  // Source: ISO 5775-1 (D + 2W round a circle); the loaded figure is from memory.
  it("50-559 rolls 2070 mm unloaded and 2055 mm with the rider on", () => {
    const tyre = { widthMm: 50, beadSeatMm: 559 };
    expect(Math.round(unloadedRolloutMm(tyre))).toBe(2070);
    expect(Math.round(loadedRolloutMm(tyre))).toBe(2055);
  });
  // Common practice, no source: a 26 × 4 stands about 29 inches tall, which is why it is set as a 29.
  it("100-559 rolls about 2293 mm loaded and stands about 29 inches tall", () => {
    const tyre = { widthMm: 100, beadSeatMm: 559 };
    expect(Math.round(loadedRolloutMm(tyre))).toBe(2293);
    expect(outerDiameterMm(tyre) / 25.4).toBeCloseTo(29.1, 1);
  });
  // Source: ISO 5775-1 for the diameters; ordinary geometry for the circle.
  it.each([
    ["47-406", Math.PI * (406 + 94)],
    ["37-622", Math.PI * (622 + 74)],
    ["32-630", Math.PI * (630 + 64)],
    ["57-584", Math.PI * (584 + 114)],
  ])("%s unloaded", (typed, mm) => {
    const reading = readTyre(typed);
    expect(reading.ok && unloadedRolloutMm(reading.tyre)).toBeCloseTo(mm, 9);
  });
  it("carries ±1.5 % while it rests on the sidewall", () => {
    const rollout = estimatedRollout({ widthMm: 50, beadSeatMm: 559 });
    expect(rollout.uncertaintyMm / rollout.mm).toBeCloseTo(0.015, 12);
  });
});

describe("the fat tyre set as 26", () => {
  // Common practice, no source: the worked example of the trade.
  const truth = { rolloutMm: 2310, rolloutUncertaintyMm: 0, pulsesPerTurn: 1 };
  const asCode = (inch: number) =>
    knownReadout(truth, {
      circumferenceMm: nominalCircumferenceMm(inch),
      circumferenceUncertainty: 0,
      pulsesPerTurn: 1,
    });

  it("reads 10 % low, so a cap of 25 assists to 27.8 km/h", () => {
    expect(nominalCircumferenceMm(26)).toBeCloseTo(2074.7, 1);
    expect(asCode(26).nominal).toBeCloseTo(0.898, 3);
    expect(trueCap(25, asCode(26)).nominal).toBeCloseTo(27.8, 1);
  });
  it("is mended by code 29: r = 1.0018, 24.96 km/h", () => {
    expect(asCode(29).nominal).toBeCloseTo(1.0018, 4);
    expect(trueCap(25, asCode(29)).nominal).toBeCloseTo(24.96, 2);
    const ranked = rankWheels(
      [24, 26, 27.5, 28, 29].map((inch) => ({ code: inch, circumferenceMm: nominalCircumferenceMm(inch) })),
      2310,
    );
    expect(ranked[0]?.code).toBe(29);
  });
  it("keeps the limit at the lower end of r while a code is only assumed", () => {
    const r = knownReadout(truth, {
      circumferenceMm: nominalCircumferenceMm(29),
      circumferenceUncertainty: 0.03,
      pulsesPerTurn: 1,
    });
    expect(capSettingFor(25, r, { step: 1 })).toBe(24);
  });
});

describe("pulses and measurement", () => {
  // Common practice, no source: 16 pole pairs through a 5:1 gear give 80 pulses a wheel turn.
  it("an inside pick-up of 80 set as 40 shows twice the speed", () => {
    const r = knownReadout(
      { rolloutMm: 2000, rolloutUncertaintyMm: 0, pulsesPerTurn: 80 },
      { circumferenceMm: 2000, circumferenceUncertainty: 0, pulsesPerTurn: 40 },
    );
    expect(r.nominal).toBe(2);
  });
  it("shares the tape error among the turns", () => {
    expect(measuredRollout({ distanceMm: 4620, turns: 2, tapeErrorMm: 6 })).toEqual({
      mm: 2310,
      uncertaintyMm: 3,
      from: "measured",
    });
  });
});
