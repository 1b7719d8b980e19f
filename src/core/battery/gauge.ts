/**
 * The gauge, the cut-off and the sag of a pack: what bar voltages should be, what a gauge set for another pack shows,
 * and where the display should stop. Bars are lower thresholds: with n of them they stand at 0, 1/n … (n−1)/n of the
 * charge.
 */
import { roundSafely } from "../units";
import { AGED_FACTOR, chargeAt, coldFactor } from "./cells";
import { CHEMISTRIES, restV, type Chemistry, type ChemistryFigures } from "./chemistry";
import { cutOffFloor, type CutOffFloor } from "./pack";

export interface Pack {
  readonly chemistry: Chemistry;
  readonly series: number;
  readonly parallel: number;
  /** One cell with its links, new and warm, Ω. */
  readonly cellOhm: number;
  readonly aged: boolean;
  readonly temperatureC: number;
}

/** Resistance of the whole pack, Ω: series over parallel, doubled by age, raised by cold. */
export const packOhm = ({ series, parallel, cellOhm, aged, temperatureC }: Pack): number =>
  ((series * cellOhm) / parallel) * (aged ? AGED_FACTOR : 1) * coldFactor(temperatureC);

/** Pack volts at rest, at a charge of 0 to 1. */
export const packRestV = ({ chemistry, series }: Pack, charge: number): number => series * restV(chemistry, charge);

/** Pack volts under a current at a charge, V. */
export const packLoadedV = (pack: Pack, charge: number, currentA: number): number =>
  packRestV(pack, charge) - currentA * packOhm(pack);

/**
 * Lower threshold of each of `bars` bars under a typical current, V, rounded up to the step; none under the cut-off.
 */
export function barVoltages(
  pack: Pack,
  bars: number,
  typicalA: number,
  stepV: number,
  cutOffV: number | null,
): readonly number[] {
  return Array.from({ length: bars }, (_, i) =>
    roundSafely(Math.max(packLoadedV(pack, i / bars, typicalA), cutOffV ?? 0), "up", { step: stepV }),
  );
}

/** Bars lit at pack volts. */
export const barsLit = (thresholdsV: readonly number[], volts: number): number =>
  thresholdsV.filter((threshold) => volts >= threshold - 1e-9).length;

/** A typical current for the gauge, as a share of the limit. From memory. */
export const TYPICAL_SHARE = 0.4;

export interface GaugeRow {
  readonly charge: number;
  readonly restV: number;
  readonly loadedV: number;
  /** Per cent the display's curve makes of the volts under load. */
  readonly shownShare: number;
  readonly barsShown: number;
  /** Bars a gauge set for this pack would show. */
  readonly barsTrue: number;
}

/** What a gauge made for `set` shows on the pack that is really there, from full to empty in tenths. */
export function gaugeTable(pack: Pack, set: Pack, bars: number, typicalA: number): readonly GaugeRow[] {
  const thresholds = barVoltages(set, bars, typicalA, 0.1, null);
  const right = barVoltages(pack, bars, typicalA, 0.1, null);
  return Array.from({ length: 11 }, (_, i) => {
    const charge = (10 - i) / 10;
    const loadedV = packLoadedV(pack, charge, typicalA);
    return {
      charge,
      restV: packRestV(pack, charge),
      loadedV,
      shownShare: chargeAt(set.chemistry, (loadedV + typicalA * packOhm(set)) / set.series),
      barsShown: barsLit(thresholds, loadedV),
      barsTrue: barsLit(right, loadedV),
    };
  });
}

export interface CutOff extends CutOffFloor {
  /** One volt more spares the pack. Common practice, no source. */
  readonly sparingV: number;
  /** Sag at the current limit, V: how far the pack drops on full power. */
  readonly sagV: number;
  /** Charge at which a full pull first reaches the cut-off, and the one left when rest volts reach it. */
  readonly chargeAtFullPull: number;
}

/**
 * The cut-off of a pack: greater of the cells' floor and the BMS's opening plus 0.1 V a cell, rounded up; with the sag
 * it is met under.
 */
export function cutOffOf(pack: Pack, limitA: number, stepV: number, figures?: ChemistryFigures): CutOff {
  const floor = cutOffFloor(pack.series, pack.chemistry, stepV, figures);
  const sagV = limitA * packOhm(pack);
  return {
    ...floor,
    sparingV: floor.advisedV + 1,
    sagV,
    chargeAtFullPull: chargeAt(pack.chemistry, (floor.advisedV + sagV) / pack.series),
  };
}

export type PackMismatch =
  | { readonly key: "mismatch.gauge-always-full"; readonly setV: number; readonly packV: number }
  | { readonly key: "mismatch.run-flat"; readonly setCutOffV: number; readonly leastV: number }
  | { readonly key: "mismatch.early-cut"; readonly setV: number; readonly packV: number; readonly chargeLeft: number }
  | { readonly key: "mismatch.gauge-useless"; readonly chemistry: Chemistry };

/** What goes wrong when the display is set for another pack than the one fitted. */
export function packMismatch(
  pack: Pack,
  packV: number,
  set: Pack,
  setV: number,
  limitA: number,
): readonly PackMismatch[] {
  const found: PackMismatch[] = [];
  const setCutOffV = cutOffOf(set, limitA, 0.1).advisedV;
  const { leastV } = cutOffOf(pack, limitA, 0.1);
  if (setV < packV) {
    found.push({ key: "mismatch.gauge-always-full", setV, packV });
    if (setCutOffV < leastV - 1e-9) found.push({ key: "mismatch.run-flat", setCutOffV, leastV });
  }
  if (setV > packV)
    found.push({
      key: "mismatch.early-cut",
      setV,
      packV,
      chargeLeft: chargeAt(pack.chemistry, setCutOffV / pack.series),
    });
  if (!CHEMISTRIES[pack.chemistry].gaugeWorks) found.push({ key: "mismatch.gauge-useless", chemistry: pack.chemistry });
  return found;
}
