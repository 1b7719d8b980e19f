/**
 * Signs of a fault that look like a wish, by their names in the fault finder: a setting cannot mend a part. Common
 * practice, no source.
 */
import { WISH_IDS, type WishId } from "../facts";

export const WISH_SIGNS: Readonly<Partial<Record<WishId, readonly string[]>>> = {
  "kicks-hard": ["too-strong"],
  "fast-in-one": ["too-strong"],
  surges: ["surges"],
  late: ["assist-late"],
  "gauge-lies": ["gauge-wrong", "dies-at-half", "no-bars-on-full"],
  "cuts-out": ["cuts-out", "dies-at-half"],
  "weak-on-hills": ["cuts-out"],
  "start-without-pedalling": ["throttle-dead"],
};

/** Wishes that signs of a fault may stand for, those of the likeliest sign first. */
export const wishesOfSigns = (signs: readonly string[]): readonly WishId[] => [
  ...new Set(signs.flatMap((sign) => WISH_IDS.filter((wish) => WISH_SIGNS[wish]?.includes(sign)))),
];
