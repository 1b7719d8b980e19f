/** Tables of the trade, worked out and not copied: tyres, wheel codes, packs, class limits, start angles. */
import { startAngle, startDelayS, SETTING_OFF_RPM } from "../assist";
import { CHEMISTRIES, restV, usualSeries } from "../battery/chemistry";
import { cutOffOf } from "../battery/gauge";
import type { Chemistry } from "../battery";
import type { ClassRule } from "../law";
import { kmhToMph, roundSafely, speedToKmh } from "../units";
import {
  BEAD_SEATS_MM,
  loadedRolloutMm,
  nominalCircumferenceMm,
  outerDiameterMm,
  unloadedRolloutMm,
  type TyreDesignation,
} from "../wheel";

export interface TyreRow {
  readonly tyre: TyreDesignation;
  readonly unloadedMm: number;
  readonly loadedMm: number;
  readonly outerMm: number;
  readonly outerInch: number;
  /**
   * Wheel code whose nominal circumference comes nearest without reading low, inches; null where none does within 3 %.
   */
  readonly codeInch: number | null;
  readonly codeOff: number | null;
}

/** Inch codes displays have, by practice. */
export const INCH_CODES: readonly number[] = [12, 14, 16, 18, 20, 22, 24, 26, 27, 27.5, 28, 29, 30];

const MM_PER_INCH = 25.4;
const WITHIN = 0.03;

/** One tyre's figures, with the inch code that suits it. */
export function tyreRow(tyre: TyreDesignation): TyreRow {
  const loadedMm = loadedRolloutMm(tyre);
  const off = (inch: number) => nominalCircumferenceMm(inch) / loadedMm;
  const fitting = INCH_CODES.filter((inch) => Math.abs(off(inch) - 1) <= WITHIN);
  const notLow = fitting.filter((inch) => off(inch) >= 1);
  const codeInch = notLow[0] ?? fitting.at(-1) ?? null;
  return {
    tyre,
    unloadedMm: unloadedRolloutMm(tyre),
    loadedMm,
    outerMm: outerDiameterMm(tyre),
    outerInch: outerDiameterMm(tyre) / MM_PER_INCH,
    codeInch,
    codeOff: codeInch === null ? null : off(codeInch),
  };
}

/** Widths shown for each rim, mm: those ridden on it. Common practice, no source. */
const WIDTHS_MM: Readonly<Record<number, readonly number[]>> = {
  203: [50],
  254: [47],
  305: [47, 57],
  349: [35, 40],
  355: [40, 47],
  369: [35],
  406: [40, 47, 54],
  451: [28, 37],
  507: [47, 54],
  540: [37],
  547: [37],
  559: [47, 50, 57, 65, 100],
  571: [23, 40],
  584: [42, 50, 62, 70],
  590: [37],
  597: [32],
  622: [25, 32, 37, 40, 47, 57, 60],
  630: [28, 32],
  635: [40],
};

/** Every common rim with the widths ridden on it. */
export const tyreTable = (): readonly TyreRow[] =>
  BEAD_SEATS_MM.flatMap((beadSeatMm) =>
    (WIDTHS_MM[beadSeatMm] ?? [47]).map((widthMm) => tyreRow({ widthMm, beadSeatMm })),
  );

export interface PackRow {
  readonly nominalV: number;
  readonly series: number;
  readonly chargerV: number;
  /** Rest volts at 100, 80, 60, 40, 20 and 0 %. */
  readonly restV: readonly number[];
  readonly cutOffV: number;
}

export const PACK_CHARGES: readonly number[] = [1, 0.8, 0.6, 0.4, 0.2, 0];

/** Every usual pack of a chemistry. */
export const packTable = (chemistry: Chemistry): readonly PackRow[] =>
  Object.keys(CHEMISTRIES[chemistry].usualSeries).flatMap((volts) =>
    usualSeries(Number(volts), chemistry).map((series) => ({
      nominalV: Number(volts),
      series,
      chargerV: series * CHEMISTRIES[chemistry].chargeV,
      restV: PACK_CHARGES.map((charge) => series * restV(chemistry, charge)),
      cutOffV: cutOffOf({ chemistry, series, parallel: 1, cellOhm: 0, aged: false, temperatureC: 20 }, 0, 0.5).advisedV,
    })),
  );

export interface LimitRow {
  readonly rule: ClassRule;
  readonly kmh: number | null;
  readonly mph: number | null;
  /** What a line in whole km/h and one in whole mph hold of it. */
  readonly wholeKmh: number | null;
  readonly wholeMph: number | null;
}

/** Limits of classes in both units, and what a line in whole units holds. */
export function limitRow(rule: ClassRule): LimitRow {
  if (!rule.assist) return { rule, kmh: null, mph: null, wholeKmh: null, wholeMph: null };
  const kmh = speedToKmh(rule.assist.value, rule.assist.unit);
  const { strict } = rule.assist;
  return {
    rule,
    kmh,
    mph: kmhToMph(kmh),
    wholeKmh: roundSafely(kmh, "down", { step: 1, strict }),
    wholeMph: roundSafely(kmhToMph(kmh), "down", { step: 1, strict }),
  };
}

export interface StartRow {
  readonly pulses: number;
  readonly leastDeg: number;
  readonly mostDeg: number;
  readonly fromRestS: number;
  readonly ridingS: number;
}

/** Start angles of a crank sensor, one row a count, up to a whole turn. */
export const startTable = (crankPulses: number, cadenceRpm: number): readonly StartRow[] =>
  Array.from({ length: crankPulses }, (_, i) => ({
    pulses: i + 1,
    ...startAngle(i + 1, crankPulses),
    fromRestS: startDelayS(i + 1, crankPulses, SETTING_OFF_RPM),
    ridingS: startDelayS(i + 1, crankPulses, cadenceRpm),
  }));
