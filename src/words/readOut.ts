/** The sum behind a read-out error, with this bike's numbers in it. */
import type { Counting } from "@/core/applied";
import { fixed, plain } from "./speak";

/** How pulses, wheel and calibration make up a read-out error. */
export const readOutSum = (
  { given, set, factor }: Counting,
  circumferenceMm: number,
  rolloutMm: number,
  r: number,
): string => {
  const pulses = given === set ? "" : `(${plain(given)} ÷ ${plain(set)}) × `;
  const percent = factor === 1 ? "" : ` × ${plain(100 * factor, 1)} %`;
  return `r = ${pulses}${plain(circumferenceMm, 1)} ÷ ${plain(rolloutMm, 1)}${percent} = ${fixed(r, 4)}`;
};
