/** What a meter must read where nothing is wrong, for the pack of this bike. Signals: common practice, no source. */
import { restV } from "../battery/chemistry";
import { cutOffFloor } from "../battery";
import type { Bike } from "../facts";
import type { Reading } from "./faults";

export interface Expected {
  /** Lowest and highest of what is as it should be, V. */
  readonly lowV: number;
  readonly highV: number;
  /** Whether cells and their count were said, or are those usual for such a pack. */
  readonly isGuessed: boolean;
}

/** Supply and signals of sensors on five volts. */
const SIGNALS: Readonly<Record<Exclude<Reading, "pack-at-rest" | "pack-under-load">, readonly [number, number]>> = {
  "throttle-signal": [0.8, 4.2],
  "hall-signal": [0, 5],
  "pick-up-signal": [0, 5],
};
/** A pack of this charge is charged enough to look for a fault with. */
const CHARGED = 0.3;

type Pack = Pick<Bike, "series" | "chemistry" | "chemistrySaid" | "seriesFrom">;

/** What must be read; null where the pack is not known, so that nobody is told a number of another. */
export function expectedReading(reading: Reading, bike: Pack | null): Expected | null {
  if (reading !== "pack-at-rest" && reading !== "pack-under-load") {
    const [lowV, highV] = SIGNALS[reading];
    return { lowV, highV, isGuessed: false };
  }
  if (!bike?.series) return null;
  const { series, chemistry, chemistrySaid, seriesFrom } = bike;
  const lowV =
    reading === "pack-at-rest" ? series * restV(chemistry, CHARGED) : cutOffFloor(series, chemistry, 0.1).cellAdvisedV;
  return { lowV, highV: series * restV(chemistry, 1), isGuessed: !chemistrySaid || seriesFrom !== "said" };
}
