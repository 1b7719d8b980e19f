/** Levels that are really the same: on the flat and on a hill, in speed and in what they draw. */

/** What one level comes to, after the cap. */
export interface LevelFeel {
  readonly flatKmh: number;
  readonly hillKmh: number;
  readonly flatBatteryW: number;
  readonly hillBatteryW: number;
  /** Flat speed as measured, km/h; it goes before the model's. Missing or null where nobody measured. */
  readonly measuredKmh?: number | null;
}

export interface Twin {
  /** Index of the level that adds nothing, and of the one it is the same as. */
  readonly level: number;
  readonly sameAs: number;
}

/** Levels closer than this in speed and, as a share of the largest, in battery power feel the same. From memory. */
export const TWIN = { speedKmh: 1.5, powerShare: 0.08 } as const;

/**
 * Levels that are really the same as one before them, on the flat and on the hill alike. Measured levels are held
 * against measured ones only: a model's speed beside a measured one proves nothing. Their flat speed is the measured
 * one.
 */
export function twins(levels: readonly LevelFeel[]): readonly Twin[] {
  const largest = {
    flat: Math.max(0, ...levels.map((level) => level.flatBatteryW)),
    hill: Math.max(0, ...levels.map((level) => level.hillBatteryW)),
  };
  const near = (a: number, b: number, most: number) => Math.abs(a - b) < TWIN.powerShare * most || a === b;
  const same = (a: LevelFeel, b: LevelFeel): boolean => {
    const [measuredA, measuredB] = [a.measuredKmh ?? null, b.measuredKmh ?? null];
    if ((measuredA === null) !== (measuredB === null)) return false;
    const onTheHill =
      Math.abs(a.hillKmh - b.hillKmh) < TWIN.speedKmh && near(a.hillBatteryW, b.hillBatteryW, largest.hill);
    if (measuredA !== null && measuredB !== null) return Math.abs(measuredA - measuredB) < TWIN.speedKmh && onTheHill;
    return (
      Math.abs(a.flatKmh - b.flatKmh) < TWIN.speedKmh && near(a.flatBatteryW, b.flatBatteryW, largest.flat) && onTheHill
    );
  };
  const kept: number[] = [];
  const found: Twin[] = [];
  levels.forEach((level, i) => {
    const twinOf = kept.find((k) => {
      const other = levels[k];
      return other !== undefined && same(other, level);
    });
    if (twinOf === undefined) kept.push(i);
    else found.push({ level: i, sameAs: twinOf });
  });
  return found;
}

/** Twins by measured flat speeds alone, where nothing else is known of the levels. km/h */
export const twinsBySpeed = (speedsKmh: readonly number[]): readonly Twin[] =>
  twins(speedsKmh.map((speed) => ({ flatKmh: speed, hillKmh: speed, flatBatteryW: 0, hillBatteryW: 0 })));
