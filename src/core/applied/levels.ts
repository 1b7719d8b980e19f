/** The levels a display is set to: how many, and the share of each. */
import { linearLadder } from "../assist";
import { decodeAll, LEVEL_SHARES, PLAIN_CONTEXT, rawValues, type DisplayProfile } from "../display";
import { canSet, decider, decoded, type Raws } from "./applied";

/** Levels a kit has where its display does not say. Common practice, no source. */
export const USUAL_LEVELS = 5;

/**
 * How the weakest and the strongest curve bend the usual shares, as the power they are raised to: the curve in the
 * middle leaves them as they are. From memory, to be measured.
 */
const CURVE = { weakest: 1.3, strongest: 1 / 1.3 } as const;

/** What the strength curve of a display makes of usual shares. */
function bent(profile: DisplayProfile, raws: Raws, shares: readonly number[]): readonly number[] {
  const line = decider(profile, raws, "strengthCurve")?.line;
  const curve = decoded(profile, raws, "strengthCurve");
  if (!line || curve === null) return shares;
  const curves = rawValues(line.encoding)
    .map((raw) => decodeAll(line, raw, PLAIN_CONTEXT).strengthCurve)
    .filter((each) => typeof each === "number");
  const [least, most] = [Math.min(...curves), Math.max(...curves)];
  if (!(most > least)) return shares;
  const power = CURVE.weakest * (CURVE.strongest / CURVE.weakest) ** ((curve - least) / (most - least));
  return shares.map((share) => share ** power);
}

/** Shares of the levels a display is set to: its own lines where it has them, else as they usually come. */
export function sharesOn(
  profile: DisplayProfile,
  raws: Raws,
): { readonly shares: readonly number[]; readonly from: "display" | "usual" } {
  const count = decoded(profile, raws, "assistLevels") ?? USUAL_LEVELS;
  const own = LEVEL_SHARES.slice(0, count).map((key) => (canSet(profile, key) ? decoded(profile, raws, key) : null));
  if (count <= LEVEL_SHARES.length && own.every((share): share is number => typeof share === "number"))
    return { shares: own, from: "display" };
  return { shares: bent(profile, raws, linearLadder({ levels: count, first: 0.2, top: 1 })), from: "usual" };
}
