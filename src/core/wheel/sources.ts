/**
 * Where a rollout can come from, best first: measured on the floor, by GPS, from the outer diameter, from the sidewall.
 * Each with its uncertainty, and whether it can be reconciled with the best one.
 */
import { loadedRolloutMm, unloadedRolloutMm, ESTIMATE_UNCERTAINTY, type TyreDesignation } from "./tyre";
import type { Rollout } from "./rollout";

export type RolloutSource = "rollout" | "gps" | "outer-diameter" | "sidewall";

export interface SourcedRollout {
  readonly source: RolloutSource;
  readonly mm: number;
  readonly uncertaintyMm: number;
  /** Whether its interval meets that of the best source. */
  readonly agrees: boolean;
  /** Distance from the best source as a share of it. */
  readonly off: number;
}

/** A tyre measured across with a straight edge, relative uncertainty. From memory. */
export const DIAMETER_UNCERTAINTY = 0.01;

/** Share of its outer diameter a tyre gives up under a rider where its width is not known. From memory. */
const USUAL_SQUASH = 0.008;

/** Rollout with the rider on from a measured outer diameter, mm: as much flatter as the designation says, or 0.8 %. */
export function rolloutFromDiameterMm(outerDiameterMm: number, tyre: TyreDesignation | null): number {
  const squash = tyre ? 1 - loadedRolloutMm(tyre) / unloadedRolloutMm(tyre) : USUAL_SQUASH;
  return Math.PI * outerDiameterMm * (1 - squash);
}

export interface RolloutFacts {
  readonly measured: Rollout | null;
  readonly gps: { readonly mm: number; readonly uncertaintyMm: number } | null;
  readonly outerDiameterMm: number | null;
  readonly tyre: TyreDesignation | null;
}

/** Every rollout that can be had, best source first. */
export function rolloutSources({ measured, gps, outerDiameterMm, tyre }: RolloutFacts): readonly SourcedRollout[] {
  const found: Omit<SourcedRollout, "agrees" | "off">[] = [];
  if (measured) found.push({ source: "rollout", mm: measured.mm, uncertaintyMm: measured.uncertaintyMm });
  if (gps) found.push({ source: "gps", ...gps });
  if (outerDiameterMm !== null) {
    const mm = rolloutFromDiameterMm(outerDiameterMm, tyre);
    found.push({ source: "outer-diameter", mm, uncertaintyMm: mm * DIAMETER_UNCERTAINTY });
  }
  if (tyre)
    found.push({
      source: "sidewall",
      mm: loadedRolloutMm(tyre),
      uncertaintyMm: loadedRolloutMm(tyre) * ESTIMATE_UNCERTAINTY,
    });
  const best = found[0];
  return best
    ? found.map((each) => ({
        ...each,
        agrees: Math.abs(each.mm - best.mm) <= each.uncertaintyMm + best.uncertaintyMm,
        off: each.mm / best.mm - 1,
      }))
    : [];
}
