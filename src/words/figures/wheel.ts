/** Words of the wheel and its pick-up. */
import type { PickUpMeaning } from "@/core/wheel/pickUp";
import type { RolloutSource } from "@/core/wheel/sources";
import type { FigureWords } from "./words";

export const WHEEL_WORDS = {
  sidewall: { label: "What the sidewall says", hint: "Any marking: 40-622, 28 x 1.60, 26 x 1 3/8, 700 x 38C" },
  outerDiameterMm: { label: "Outer diameter, measured", hint: "Straight edge on top, floor to edge, no rider." },
  spokeMagnets: { label: "Magnets on the spokes" },
  motorPoles: { label: "Motor magnet poles", hint: "Poles, not pairs: all magnets of the rotor." },
  gearRatio: { label: "Motor turns per wheel turn", hint: "1 on a direct drive." },
  oneTrueKmh: { label: "True speed, by GPS", hint: "Held steady for ten seconds." },
  oneTrueErrorKmh: { label: "It may be off by" },
  oneShown: { label: "The display showed" },
} as const satisfies Readonly<Record<string, FigureWords>>;

export const SOURCE_WORDS: Readonly<Record<RolloutSource, string>> = {
  rollout: "Measured rollout",
  gps: "GPS and the display",
  "outer-diameter": "Outer diameter",
  sidewall: "Sidewall",
};

export const PICK_UP_WORDS: Readonly<Record<PickUpMeaning, string>> = {
  "spoke-magnets": "Magnets on the spokes",
  poles: "Motor poles",
  "pole-pairs": "Motor pole pairs",
  edges: "Sensor edges",
  "poles-geared": "Poles × gear ratio",
  "pole-pairs-geared": "Pole pairs × gear ratio",
  "edges-geared": "Sensor edges × gear ratio",
  "wheel-sensor": "Wheel sensor inside the hub",
};
