/**
 * The assist ladder: how much each level gives, from first to top.
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
