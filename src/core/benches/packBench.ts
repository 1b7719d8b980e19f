/**
 * Battery and current at the bench: curve, gauge, cut-off, what a wrong setting does, and which part bounds the
 * current.
 */
import { CHEMISTRIES, restV, usualSeries } from "../battery/chemistry";
import type { AllowedCurrent, CurrentBound, CurrentPart } from "../battery/current";
import {
  barVoltages,
  cutOffOf,
  gaugeTable,
  packLoadedV,
  packMismatch,
  packOhm,
  packRestV,
  TYPICAL_SHARE,
  type CutOff,
  type GaugeRow,
  type Pack,
  type PackMismatch,
} from "../battery/gauge";
import type { DisplayProfile } from "../display";
import type { ClassChoice } from "../law";
import { motorAt, FULL_DRIVE } from "../ride";
import { batteryWatts, type BatteryWatts } from "../battery/watts";
import { appliedCurrentA, decoded, type Raws } from "../applied/applied";
import type { Bike } from "../facts/bike";
import { sparedSeries, stepInVolts } from "../decide/battery";
import { allowedBySaid, isOver, motorFacts, unknownParts, type MotorFacts } from "../decide/currentBounds";
import type { Facts } from "../facts/everyFact";
import { readPack, type PackReading } from "../facts/pack";
import type { Ride } from "./rideOf";

export interface CurvePoint {
  readonly charge: number;
  readonly restV: number;
  readonly loadedV: number;
}

export interface BatteryBench {
  readonly reading: PackReading;
  readonly pack: Pack;
  readonly ohm: number;
  readonly typicalA: number;
  readonly limitA: number | null;
  readonly curve: readonly CurvePoint[];
  /** Each bar with the charge it stands for and the volts it lights from. */
  readonly bars: readonly { readonly charge: number; readonly volts: number }[];
  readonly cutOff: CutOff;
  /** What the display is set for, V; null where no line says or nobody has read it. */
  readonly setV: number | null;
  /** What the gauge shows with the setting as it stands, where it is for another pack. */
  readonly wrongGauge: readonly GaugeRow[] | null;
  readonly rightGauge: readonly GaugeRow[];
  readonly mismatches: readonly PackMismatch[];
  readonly gaugeWorks: boolean;
  readonly fullV: number;
  readonly chargerV: number;
}

const CURVE_STEPS = 20;

/** The same cells at another nominal: what a gauge set for it takes the pack for. */
function packFor(pack: Pack, nominalV: number, bike: Bike): Pack {
  const [usual] = usualSeries(nominalV, pack.chemistry);
  return { ...pack, series: usual ?? Math.round((pack.series * nominalV) / (bike.packV ?? nominalV)) };
}

/** Everything of the pack; null while its cells in series are not known. */
export function batteryBench(
  bike: Bike,
  facts: Facts,
  profile: DisplayProfile | null,
  raws: Raws,
): BatteryBench | null {
  const reading = readPack(bike, facts);
  const { pack } = reading;
  if (!pack || bike.packV === null) return null;
  const limitA = (profile ? appliedCurrentA(profile, raws, bike) : null) ?? bike.controllerA;
  const typicalA = facts.number("typicalA") ?? (limitA ?? 10) * TYPICAL_SHARE;
  const spared = { ...pack, series: sparedSeries(bike) ?? pack.series };
  const cutOff = cutOffOf(spared, limitA ?? 0, stepInVolts(profile, "cutOffV"));
  const setV = profile ? decoded(profile, raws, "nominalV") : null;
  const bars = facts.number("bars");
  const other = setV !== null && setV !== bike.packV ? packFor(pack, setV, bike) : null;
  return {
    reading,
    pack,
    ohm: packOhm(pack),
    typicalA,
    limitA,
    curve: Array.from({ length: CURVE_STEPS + 1 }, (_, i) => {
      const charge = i / CURVE_STEPS;
      return { charge, restV: packRestV(pack, charge), loadedV: packLoadedV(pack, charge, typicalA) };
    }),
    bars: barVoltages(pack, bars, typicalA, stepInVolts(profile, "bar1V"), cutOff.advisedV).map((volts, i) => ({
      volts,
      charge: i / bars,
    })),
    cutOff,
    setV,
    wrongGauge: other ? gaugeTable(pack, other, bars, typicalA) : null,
    rightGauge: gaugeTable(pack, pack, bars, typicalA),
    mismatches:
      other && setV !== null
        ? packMismatch(pack, bike.packV, other, setV, limitA ?? 0)
        : packMismatch(pack, bike.packV, pack, bike.packV, limitA ?? 0),
    gaugeWorks: CHEMISTRIES[pack.chemistry].gaugeWorks,
    fullV: packRestV(pack, 1),
    chargerV: pack.series * CHEMISTRIES[pack.chemistry].chargeV,
  };
}

/** Volts per cell behind a pack figure, for its working. */
export const cellV = (pack: Pack, charge: number): number => restV(pack.chemistry, charge);

export interface CurrentBench {
  readonly allowed: AllowedCurrent | null;
  /** Parts nothing is known of. */
  readonly unknown: readonly CurrentPart[];
  /** The weakest part that bears less than the display lets through; null where all bear it. */
  readonly over: CurrentBound | null;
  /** What the display lets through as it stands, A. */
  readonly setA: number | null;
  readonly watts: BatteryWatts | null;
  /** Amps those watts are drawn at: what the display lets through, and no more than the controller gives. */
  readonly flowingA: number | null;
  /** What the motor's bound is worked out from. */
  readonly motor: MotorFacts | null;
  /** Most mechanical power the kit gives at its current limit, W, with the speed at which it does. */
  readonly peak: { readonly mechanicalW: number; readonly kmh: number } | null;
  /** Class limit on the motor's rating, W; null where it sets none. */
  readonly classW: number | null;
}

/** Speeds at which the peak of mechanical power is looked for, km/h. */
const PEAK_KMH = Array.from({ length: 60 }, (_, i) => i + 1);

/** Which part bounds the current, and the watts that come of it. */
export function currentBench(
  bike: Bike,
  facts: Facts,
  profile: DisplayProfile | null,
  raws: Raws,
  choice: ClassChoice | null,
  ride: Ride | null,
): CurrentBench {
  const { controllerA, packV } = bike;
  const allowed = allowedBySaid(bike);
  const setA = profile ? appliedCurrentA(profile, raws, bike) : null;
  const { pack } = readPack(bike, facts);
  const flowing = setA === null ? controllerA : controllerA === null ? setA : Math.min(setA, controllerA);
  const peak = ride
    ? PEAK_KMH.map((kmh) => ({
        kmh,
        mechanicalW: motorAt(ride.setup.kit, FULL_DRIVE, null, ride.setup.rider, kmh).mechanicalW,
      })).reduce((best, each) => (each.mechanicalW > best.mechanicalW ? each : best))
    : null;
  return {
    allowed,
    over: (setA !== null && allowed?.bounds.find((bound) => isOver(setA, bound))) || null,
    unknown: unknownParts(bike),
    setA,
    watts: pack && packV !== null && flowing !== null ? batteryWatts(pack, packV, flowing) : null,
    flowingA: flowing,
    motor: motorFacts(bike),
    peak,
    classW: choice?.rule.motor?.limitW ?? null,
  };
}
