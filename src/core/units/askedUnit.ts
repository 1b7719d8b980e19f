/** A figure asked for in another unit than it is kept in: as it is kept, and as it stands in its field. */

/** A number, or several in a row, with no unit behind them. */
const BARE = /^\s*[+-]?\d+(?:[.,]\d+)?(?:[\s/;]+[+-]?\d+(?:[.,]\d+)?)*\s*$/;

/**
 * A figure as it is kept when it was asked for in another unit than it is kept in: with that unit written behind it, so
 * that it says the same whatever is asked for later. What is no bare number is kept as typed.
 */
export const asAsked = (typed: string, asked: string, unit: string | null): string =>
  asked !== unit && BARE.test(typed) ? `${typed} ${asked}` : typed;

/** The same the other way round: what stands in the field while that unit is asked for. */
export function inAskedUnit(kept: string, asked: string, unit: string | null): string {
  if (asked === unit || !kept.endsWith(` ${asked}`)) return kept;
  const bare = kept.slice(0, -asked.length - 1);
  return BARE.test(bare) ? bare : kept;
}
