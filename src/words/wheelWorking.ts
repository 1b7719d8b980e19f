/** The working behind wheel and pulse lines. */
import type { WheelChoice } from "@/core/benches/wheelBench";
import type { RolloutSource } from "@/core/wheel/sources";
import type { SpeedUnit } from "@/core/units";
import { readOutSum } from "./readOut";
import { offBy, speed } from "./speak";

/** How each source comes to its rollout. */
export const SOURCE_WORKING: Readonly<Record<RolloutSource, readonly string[]>> = {
  rollout: ["distance ÷ turns; may be off by tape ÷ turns"],
  gps: [
    "circumference set × pulses counted ÷ pulses set × true ÷ shown",
    "may be off by the GPS and half a step of the display",
  ],
  "outer-diameter": ["π × diameter, less what a rider presses flat; ±1 %: from memory"],
  sidewall: [
    "π × (rim + 2h × width), less what a rider presses flat; ±1.5 %",
    "Rim: ISO 5775-1. Height and squash: from memory.",
  ],
};

/** How wheel and pulse lines come to their read-out error, and where the cap then bites. */
export function wheelChoiceWorking(choice: WheelChoice, unit: SpeedUnit): readonly string[] {
  const { counting, rolloutMm, circumferenceMm, r, capNow, capToSet } = choice;
  return [
    readOutSum(counting, circumferenceMm, rolloutMm, r),
    `reads ${offBy(r)}`,
    ...(capNow
      ? [
          `true cap = cap set ÷ r = ${speed(capNow.nominal, unit, 2)} (${speed(capNow.low, unit, 1)} to ` +
            `${speed(capNow.high, unit, 1)})`,
        ]
      : []),
    ...(capToSet
      ? [
          `cap to set: limit × least r, rounded down = ${capToSet.shown}`,
          `it then bites at ${speed(capToSet.trueKmh.nominal, unit, 2)}`,
        ]
      : []),
  ];
}
