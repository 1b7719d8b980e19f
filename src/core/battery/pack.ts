/**
 * The pack behind the voltage lines: cells in series, full and resting volts, and the lowest cut-off that spares the
 * cells. Cell figures are from memory, shown and editable; series counts are common practice, no source.
 */
import { roundSafely } from "../units";

export type Chemistry = "nmc" | "lfp" | "lead-acid";

export interface CellFigures {
  /** Resting volts of a full cell. */
  readonly fullV: number;
  /** Lowest volts under load a cell is asked for; the range is where practice differs. */
  readonly floorUnderLoadV: { readonly least: number; readonly advised: number };
  /** Volts at which a battery management system opens, taken at the high end of practice. */
  readonly bmsOpensV: number;
}

export const CELLS: Readonly<Record<Chemistry, CellFigures>> = {
  nmc: { fullV: 4.2, floorUnderLoadV: { least: 3.0, advised: 3.1 }, bmsOpensV: 2.8 },
  lfp: { fullV: 3.4, floorUnderLoadV: { least: 2.8, advised: 2.8 }, bmsOpensV: 2.5 },
  // Per 2 V cell; such packs have no management system that opens.
  "lead-acid": { fullV: 2.12, floorUnderLoadV: { least: 1.75, advised: 1.75 }, bmsOpensV: 0 },
};

/** Cells in series a nominal voltage usually means. Common practice, no source. */
export const USUAL_SERIES: Readonly<Record<Chemistry, Readonly<Record<number, number>>>> = {
  nmc: { 24: 7, 36: 10, 44: 12, 48: 13, 52: 14, 60: 16, 72: 20 },
  lfp: { 36: 12, 48: 15 },
  "lead-acid": { 24: 12, 36: 18, 48: 24, 60: 30, 72: 36 },
};

/** Cells in series for a nominal voltage, or null where practice knows none. */
export const usualSeries = (nominalV: number, chemistry: Chemistry): number | null =>
  USUAL_SERIES[chemistry][nominalV] ?? null;

/** Resting volts of the full pack. */
export const fullPackV = (series: number, chemistry: Chemistry): number => series * CELLS[chemistry].fullV;

export interface CutOffFloor {
  /** What must never be undercut, V. */
  readonly leastV: number;
  /** What is advised, rounded up to the step of the line, V. */
  readonly advisedV: number;
}

/** Margin kept above the point where the BMS opens, V per cell. */
const BMS_MARGIN_V = 0.1;

/** Lowest cut-off for a pack: the greater of the cell floor and the BMS opening plus 0.1 V a cell, rounded up. */
export function cutOffFloor(
  series: number,
  chemistry: Chemistry,
  stepV: number,
  cell: CellFigures = CELLS[chemistry],
): CutOffFloor {
  const bmsV = series * (cell.bmsOpensV + BMS_MARGIN_V);
  return {
    leastV: Math.max(series * cell.floorUnderLoadV.least, bmsV),
    advisedV: roundSafely(Math.max(series * cell.floorUnderLoadV.advised, bmsV), "up", { step: stepV }),
  };
}

/** Watts drawn from the battery as the label of a kit counts them: nominal volts × amps. Not the motor's rating. */
export const labelWatts = (nominalV: number, currentA: number): number => nominalV * currentA;
