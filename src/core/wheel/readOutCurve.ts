/** What a display shows over true speed, for a picture or a table. */
import type { Interval } from "./readout";

export interface ReadOutPoint {
  readonly trueKmh: number;
  readonly shownKmh: number;
}

/** What the display shows at true speeds from 0 to `upToKmh` in steps of `stepKmh`, for a picture or a table. */
export const readOutCurve = (r: Interval, upToKmh: number, stepKmh: number): readonly ReadOutPoint[] =>
  Array.from({ length: Math.floor(upToKmh / stepKmh + 1e-9) + 1 }, (_, i) => ({
    trueKmh: i * stepKmh,
    shownKmh: i * stepKmh * r.nominal,
  }));
