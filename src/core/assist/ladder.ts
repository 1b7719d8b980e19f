/**
 * The assist ladder: how much each level gives, from first to top, and which levels are really the same.
 * Linear 20 to 100 for five and 20, 30 … 90, 99 for nine are common practice, no source.
 */

/** What a line of shares can hold, as shares of 0 to 1. */
export interface ShareGrid {
  readonly least: number;
  readonly most: number;
  readonly step: number;
}

/** A share as the line can hold it: rounded down, and never off either end. */
export function holdShare(share: number, { least, most, step }: ShareGrid): number {
  const held = Math.floor(share / step + 1e-9) * step;
  return Number(Math.min(most, Math.max(least, held)).toFixed(6));
}

export interface LadderWish {
  readonly levels: number;
  /** Shares of the first and the top level, before the line's own ends. */
  readonly first: number;
  readonly top: number;
}

const at = (k: number, levels: number): number => (levels <= 1 ? 1 : k / (levels - 1));

/** Equal steps of share. */
export const linearLadder = ({ levels, first, top }: LadderWish): readonly number[] =>
  Array.from({ length: levels }, (_, k) => (levels === 1 ? top : first + (top - first) * at(k, levels)));

/** Equal ratios of share: each level so many times the one before. First must be above 0. */
export const geometricLadder = ({ levels, first, top }: LadderWish): readonly number[] =>
  Array.from({ length: levels }, (_, k) => (levels === 1 ? top : first * (top / first) ** at(k, levels)));

const HALVINGS = 40;

/**
 * The least share, between two, at which a measure that grows with it reaches a value; the upper one where it never
 * does.
 */
export function shareReaching(measure: (share: number) => number, wanted: number, low: number, high: number): number {
  let below = low;
  let above = high;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (below + above) / 2;
    if (measure(middle) < wanted) below = middle;
    else above = middle;
  }
  return above;
}

/**
 * Equal steps of what the rider feels: `measure` gives it for a share and must not fall with it (steady speed, or
 * power). Where the measure stops growing before the top share, the top level takes the least share that reaches all of
 * it.
 */
export function equalFeelLadder(
  { levels, first, top }: LadderWish,
  measure: (share: number) => number,
): readonly number[] {
  const from = measure(first);
  const to = measure(top);
  const slack = (to - from) * 1e-4;
  return Array.from({ length: levels }, (_, k) =>
    k === 0 && levels > 1 ? first : shareReaching(measure, from + (to - from) * at(k, levels) - slack, first, top),
  );
}

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
