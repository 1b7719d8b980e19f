/**
 * Where the speed is picked up, and how many pulses that makes a wheel turn. Magnets on spokes, motor poles, pole
 * pairs, edges and the gear ratio are kept apart: which of them a controller counts can be worked back from one speed
 * shown and one true. Counts: common practice, no source.
 */

export type PickUpMeaning =
  | "spoke-magnets"
  | "poles"
  | "pole-pairs"
  | "edges"
  | "poles-geared"
  | "pole-pairs-geared"
  | "edges-geared"
  | "wheel-sensor";

export interface PickUpFacts {
  readonly spokeMagnets: number | null;
  /** Magnet poles of the motor, twice its pole pairs. */
  readonly motorPoles: number | null;
  /** Motor turns per wheel turn; 1 for a direct drive. */
  readonly gearRatio: number | null;
}

export interface PickUpHypothesis {
  readonly meaning: PickUpMeaning;
  readonly pulses: number;
}

/** Pulses of a wheel sensor of its own inside a hub. Common practice, no source. */
export const WHEEL_SENSOR_PULSES = 6;
/** Edges a three-phase hall set gives per pole pair. */
const EDGES_PER_PAIR = 6;

/** Everything the pick-up could be, given what is known of the motor; a meaning whose facts are missing is left out. */
export function pickUpHypotheses({ spokeMagnets, motorPoles, gearRatio }: PickUpFacts): readonly PickUpHypothesis[] {
  const all: PickUpHypothesis[] = [];
  if (spokeMagnets !== null) all.push({ meaning: "spoke-magnets", pulses: spokeMagnets });
  if (motorPoles !== null) {
    const inside = [
      ["poles", motorPoles],
      ["pole-pairs", motorPoles / 2],
      ["edges", (motorPoles / 2) * EDGES_PER_PAIR],
    ] as const;
    for (const [meaning, pulses] of inside) {
      all.push({ meaning, pulses });
      if (gearRatio !== null && gearRatio !== 1) all.push({ meaning: `${meaning}-geared`, pulses: pulses * gearRatio });
    }
  }
  all.push({ meaning: "wheel-sensor", pulses: WHEEL_SENSOR_PULSES });
  return all;
}

export interface OneReading {
  readonly trueKmh: number;
  /** How far the true speed may be off, km/h. */
  readonly trueUncertaintyKmh: number;
  readonly shownKmh: number;
  /** Step of the display's figure, km/h. */
  readonly shownStepKmh: number;
  /** Pulses and circumference set while it was read, and the real rollout with its uncertainty. */
  readonly pulsesSet: number;
  readonly circumferenceSetMm: number;
  readonly rolloutMm: number;
  readonly rolloutUncertaintyMm: number;
}

export interface WorkedBack {
  /** Pulses a turn the pick-up must give, and its half-width. */
  readonly pulses: number;
  readonly uncertainty: number;
  /** Hypotheses, likeliest first; those the reading does not rule out are `possible`. */
  readonly ranked: readonly (PickUpHypothesis & { readonly off: number; readonly possible: boolean })[];
}

/** Works the pulses a turn back from one reading: r · pulses set · rollout / circumference set. */
export function workBack(reading: OneReading, hypotheses: readonly PickUpHypothesis[]): WorkedBack {
  const {
    trueKmh,
    trueUncertaintyKmh,
    shownKmh,
    shownStepKmh,
    pulsesSet,
    circumferenceSetMm,
    rolloutMm,
    rolloutUncertaintyMm,
  } = reading;
  const pulses = (shownKmh / trueKmh) * pulsesSet * (rolloutMm / circumferenceSetMm);
  const relative =
    trueUncertaintyKmh / trueKmh +
    shownStepKmh / 2 / Math.max(shownKmh, shownStepKmh) +
    rolloutUncertaintyMm / rolloutMm;
  const uncertainty = pulses * relative;
  const ranked = hypotheses
    .map((each) => ({
      ...each,
      off: each.pulses / pulses - 1,
      possible: Math.abs(each.pulses - pulses) <= uncertainty,
    }))
    .sort((a, b) => Math.abs(Math.log(a.pulses / pulses)) - Math.abs(Math.log(b.pulses / pulses)));
  return { pulses, uncertainty, ranked };
}
