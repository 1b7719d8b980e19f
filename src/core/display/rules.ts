/** Rules of the keys put together. */
import type { KeyRule } from "./profile";

/** A rule that holds wherever its screen is up, under no further condition. */
export const plainRule = (
  on: KeyRule["on"],
  keys: readonly string[],
  gesture: KeyRule["gesture"],
  does: KeyRule["does"],
): KeyRule => ({
  on,
  pages: null,
  editing: null,
  infoLine: null,
  sincePowerOn: null,
  wheelStill: false,
  keys: [...keys],
  gesture,
  does,
});

/** The gesture of keys held so long, ms. */
export const held = (holdMs: number): KeyRule["gesture"] => ({ kind: "hold", holdMs });
export const TAP: KeyRule["gesture"] = { kind: "tap" };
