/** The lowest cut-off that spares the cells of a pack, and the watts its label counts. */
import { roundSafely } from "../units";
import { CHEMISTRIES, type Chemistry, type ChemistryFigures } from "./chemistry";

export interface CutOffFloor {
  readonly cellLeastV: number;
  readonly cellAdvisedV: number;
  /** Where the BMS opens, with its margin, V; null where there is none. */
  readonly bmsV: number | null;
  /** What must never be undercut, V. */
  readonly leastV: number;
  /** What is advised, rounded up to the step of the line, V. */
  readonly advisedV: number;
}

/** Margin kept above the point where a BMS opens, V per cell. From memory. */
const BMS_MARGIN_V = 0.1;

/**
 * Lowest cut-off for a pack: the greater of the cells' floor and the BMS's opening plus 0.1 V a cell, rounded up.
 * @param stepV step of the line it is held in, V
 */
export function cutOffFloor(
  series: number,
  chemistry: Chemistry,
  stepV: number,
  { floorUnderLoadV, bmsOpensV }: ChemistryFigures = CHEMISTRIES[chemistry],
): CutOffFloor {
  const bmsV = bmsOpensV === null ? null : series * (bmsOpensV.high + BMS_MARGIN_V);
  const cellLeastV = series * floorUnderLoadV.least;
  const cellAdvisedV = series * floorUnderLoadV.advised;
  return {
    cellLeastV,
    cellAdvisedV,
    bmsV,
    leastV: Math.max(cellLeastV, bmsV ?? 0),
    advisedV: roundSafely(Math.max(cellAdvisedV, bmsV ?? 0), "up", { step: stepV }),
  };
}

/** Watts drawn from the battery as the label of a kit counts them: nominal volts × amps. Not the motor's rating. */
export const labelWatts = (nominalV: number, currentA: number): number => nominalV * currentA;
