/**
 * Chemistries as data: resting volts over charge, what a cell bears, what its links add. From memory unless marked;
 * shown and editable where a bike's own figure is known.
 */
export interface ChemistryFigures {
  /** Charge, 0 to 1, and resting volts per cell at it; rising. */
  readonly rest: readonly (readonly [number, number])[];
  /** Volts per cell the charger ends at. */
  readonly chargeV: number;
  readonly floorUnderLoadV: { readonly least: number; readonly advised: number };
  /** Where a battery management system opens, V per cell: low and high end of practice. Null where there is none. */
  readonly bmsOpensV: { readonly low: number; readonly high: number } | null;
  /** Whether volts say anything of charge between 20 and 90 %. */
  readonly gaugeWorks: boolean;
  /** Cells in series usual for a nominal voltage; several where practice knows several. Common practice, no source. */
  readonly usualSeries: Readonly<Record<number, readonly number[]>>;
}

const every = (step: number, volts: readonly number[]): readonly (readonly [number, number])[] =>
  volts.map((v, i) => [Math.round(i * step * 100) / 100, v] as const);

/** One entry a chemistry: everything else derives from it. */
export const CHEMISTRIES = {
  nmc: {
    rest: every(0.1, [3.2, 3.44, 3.54, 3.6, 3.64, 3.7, 3.79, 3.88, 3.97, 4.07, 4.2]),
    chargeV: 4.2,
    floorUnderLoadV: { least: 3.0, advised: 3.1 },
    bmsOpensV: { low: 2.5, high: 2.8 },
    gaugeWorks: true,
    usualSeries: { 24: [7], 36: [10], 44: [12], 48: [13], 52: [14], 60: [16, 17], 72: [20] },
  },
  lfp: {
    rest: every(0.1, [2.8, 3.2, 3.24, 3.27, 3.29, 3.3, 3.31, 3.32, 3.33, 3.34, 3.4]),
    chargeV: 3.65,
    floorUnderLoadV: { least: 2.8, advised: 2.8 },
    bmsOpensV: { low: 2.0, high: 2.5 },
    gaugeWorks: false,
    usualSeries: { 24: [8], 36: [12], 48: [15, 16], 60: [20], 72: [24] },
  },
  // Per 2 V cell.
  "lead-acid": {
    rest: every(0.2, [1.95, 1.98, 2.02, 2.06, 2.09, 2.12]),
    chargeV: 2.4,
    floorUnderLoadV: { least: 1.75, advised: 1.75 },
    bmsOpensV: null,
    gaugeWorks: true,
    usualSeries: { 24: [12], 36: [18], 48: [24], 60: [30], 72: [36] },
  },
} as const satisfies Readonly<Record<string, ChemistryFigures>>;

export type Chemistry = keyof typeof CHEMISTRIES;

/** Every chemistry, the usual one first. */
export const CHEMISTRY_IDS = Object.keys(CHEMISTRIES) as readonly Chemistry[];

/** What a chemistry is known by. */
export const figuresOf = (chemistry: Chemistry): ChemistryFigures => CHEMISTRIES[chemistry];

/** Resting volts per cell at a charge of 0 to 1, straight between the points known. */
export function restV(chemistry: Chemistry, charge: number): number {
  const { rest } = figuresOf(chemistry);
  const c = Math.min(1, Math.max(0, charge));
  for (let i = 1; i < rest.length; i++) {
    const [c0, v0] = rest[i - 1] ?? [0, 0];
    const [c1, v1] = rest[i] ?? [1, 0];
    if (c <= c1) return v0 + ((v1 - v0) * (c - c0)) / (c1 - c0);
  }
  return rest.at(-1)?.[1] ?? 0;
}

/** Cells in series usual for a nominal voltage, fewest first; none where practice knows none. */
export const usualSeries = (nominalV: number, chemistry: Chemistry): readonly number[] =>
  figuresOf(chemistry).usualSeries[nominalV] ?? [];

/** Resting volts of the full pack. */
export const fullPackV = (series: number, chemistry: Chemistry): number => series * restV(chemistry, 1);
