/** The levels a display is set to: how many, and the share of each. */
import { linearLadder } from "../assist";
import { LEVEL_SHARES, type DisplayProfile } from "../display";
import { canSet, decoded, type Raws } from "./applied";

/** Levels a kit has where its display does not say. Common practice, no source. */
export const USUAL_LEVELS = 5;

/** Shares of the levels a display is set to: its own lines where it has them, else as they usually come. */
export function sharesOn(
  profile: DisplayProfile,
  raws: Raws,
): { readonly shares: readonly number[]; readonly from: "display" | "usual" } {
  const count = decoded(profile, raws, "assistLevels") ?? USUAL_LEVELS;
  const own = LEVEL_SHARES.slice(0, count).map((key) => (canSet(profile, key) ? decoded(profile, raws, key) : null));
  if (count <= LEVEL_SHARES.length && own.every((share): share is number => typeof share === "number"))
    return { shares: own, from: "display" };
  return { shares: linearLadder({ levels: count, first: 0.2, top: 1 }), from: "usual" };
}
