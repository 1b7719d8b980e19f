/** The working behind wheel and pulse lines. */
import type { WheelChoice } from "@/core/setup/wheelBench";
import type { SpeedUnit } from "@/core/units";
import { fixed, offBy, plain, speed } from "./speak";

/** How wheel and pulse lines come to their read-out error, and where the cap then bites. */
export function wheelChoiceWorking(choice: WheelChoice, pulsesPerMm: { readonly pulses: number; readonly rolloutMm: number }, unit: SpeedUnit): readonly string[] {
  const { circumferenceMm, pulses, r, capNow, capToSet } = choice;
  return [
    `r = (${plain(pulsesPerMm.pulses)} ÷ ${plain(pulses)}) × (${plain(circumferenceMm)} ÷ ${plain(pulsesPerMm.rolloutMm)}) = ${fixed(r, 4)}`,
    `reads ${offBy(r)}`,
    ...(capNow ? [`true cap = cap set ÷ r = ${speed(capNow.nominal, unit, 2)} (${plain(capNow.low, 1)} to ${plain(capNow.high, 1)} km/h)`] : []),
    ...(capToSet ? [`cap to set: limit × least r, rounded down = ${capToSet.shown}`, `it then bites at ${speed(capToSet.trueKmh.nominal, unit, 2)}`] : []),
  ];
}
