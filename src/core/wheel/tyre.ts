/**
 * A tyre by its ISO 5775-1 designation (width–bead seat diameter, "50-559") and the rollout it can be expected to have.
 * Source of the designation and the diameters: ISO 5775-1. Height and squash factors: from memory, shown and editable.
 */

export interface TyreDesignation {
  /** Nominal section width, mm. */
  readonly widthMm: number;
  /** Bead seat diameter of the rim, mm. */
  readonly beadSeatMm: number;
}

export type TyreProblem =
  /** An inch size that stands for several rims. */
  | { readonly key: "tyre.ambiguous"; readonly typed: string; readonly designations: readonly string[] }
  | { readonly key: "tyre.width-missing"; readonly typed: string; readonly beadSeatsMm: readonly number[] }
  | { readonly key: "tyre.not-a-designation"; readonly typed: string }
  | { readonly key: "tyre.width-out-of-range"; readonly typed: string; readonly minMm: number; readonly maxMm: number }
  | {
      readonly key: "tyre.unknown-bead-seat";
      readonly typed: string;
      readonly beadSeatMm: number;
      readonly nearestMm: number;
    };

export type TyreReading =
  { readonly ok: true; readonly tyre: TyreDesignation } | { readonly ok: false; readonly problem: TyreProblem };

/** Common bead seat diameters, mm. Source: ISO 5775-1. */
export const BEAD_SEATS_MM = [
  203, 254, 305, 349, 355, 369, 406, 451, 507, 540, 547, 559, 571, 584, 590, 597, 622, 630, 635,
] as const;

/** A designation as it is written: "50-559". */
export const designationOf = ({ widthMm, beadSeatMm }: TyreDesignation): string => `${widthMm}-${beadSeatMm}`;

export const TYRE_WIDTH_MM = { min: 18, max: 130 } as const;

/**
 * Reads a designation as typed: "50-559", "50 – 559", "50x559". Anything else is refused with what would be accepted.
 */
export function readTyre(typed: string): TyreReading {
  const match = /^\s*(\d{1,3})\s*[-–—x×/ ]\s*(\d{3})\s*$/i.exec(typed);
  if (!match) return { ok: false, problem: { key: "tyre.not-a-designation", typed } };
  const widthMm = Number(match[1]);
  const beadSeatMm = Number(match[2]);
  if (widthMm < TYRE_WIDTH_MM.min || widthMm > TYRE_WIDTH_MM.max)
    return {
      ok: false,
      problem: { key: "tyre.width-out-of-range", typed, minMm: TYRE_WIDTH_MM.min, maxMm: TYRE_WIDTH_MM.max },
    };
  if (!BEAD_SEATS_MM.some((d) => d === beadSeatMm)) {
    const nearestMm = [...BEAD_SEATS_MM].sort((a, b) => Math.abs(a - beadSeatMm) - Math.abs(b - beadSeatMm))[0] ?? 622;
    return { ok: false, problem: { key: "tyre.unknown-bead-seat", typed, beadSeatMm, nearestMm } };
  }
  return { ok: true, tyre: { widthMm, beadSeatMm } };
}

/** Section height over width: 1 up to 60 mm, 0.95 up to 85 mm, 0.9 above. From memory. */
export const heightRatio = (widthMm: number): number => (widthMm <= 60 ? 1 : widthMm <= 85 ? 0.95 : 0.9);

/** Share of the section height a loaded tyre gives up where it stands on the floor. From memory. */
const SQUASH = 0.15;

/** Relative uncertainty of a rollout worked out from the sidewall. From memory. */
export const ESTIMATE_UNCERTAINTY = 0.015;

/** Rollout of the tyre with no rider on it, mm: π·(D + 2hW). */
export const unloadedRolloutMm = ({ widthMm, beadSeatMm }: TyreDesignation): number =>
  Math.PI * (beadSeatMm + 2 * heightRatio(widthMm) * widthMm);

/** Rollout with the rider on, mm: the unloaded one less (2π/3)·0.15·h·W. */
export const loadedRolloutMm = (tyre: TyreDesignation): number =>
  unloadedRolloutMm(tyre) - ((2 * Math.PI) / 3) * SQUASH * heightRatio(tyre.widthMm) * tyre.widthMm;

/** Outer diameter of the unloaded tyre, mm. */
export const outerDiameterMm = ({ widthMm, beadSeatMm }: TyreDesignation): number =>
  beadSeatMm + 2 * heightRatio(widthMm) * widthMm;
