/**
 * What the lines in force make of the bike on the bench: its levels, ends of assist, limits, start and throttle. The
 * bench is the world: where a profile leaves open what a cap is compared with, this bike has an answer, to be measured.
 */
import { appliedCurrentA, decider, decoded, pulsesSet, readOut, shownUnit, type Raws } from "../applied";
import { sharesOn } from "../applied/levels";
import { barVoltages, TYPICAL_SHARE, type Pack } from "../battery/gauge";
import { cutOffFloor } from "../battery";
import { usualSeries } from "../battery/chemistry";
import {
  capBasisOf,
  endsThrottle,
  rankOf,
  rawValues,
  type DisplayProfile,
  type SettingKey,
  type Settings,
} from "../display";
import { driveOf, wheelOffGroundKmh, FULL_DRIVE, type Drive } from "../ride";
import type { SpeedUnit } from "../units";
import { asObeyed, ASSUMED_WHEEL_MM, type LiveBike } from "./liveBike";

export interface Obeyed {
  /** Ratio of shown to true speed. */
  readonly r: number;
  readonly unit: SpeedUnit;
  /** True speeds at which assist and throttle end, km/h; null where nothing ends them. */
  readonly assistEndKmh: number | null;
  readonly throttleEndKmh: number | null;
  /** What each level does, level 0 first. */
  readonly drives: readonly Drive[];
  /** Most drawn from the pack, A. */
  readonly batteryA: number;
  readonly cutOffV: number;
  readonly start: {
    readonly pulses: number;
    readonly delayS: number;
    /** Share of the drive it starts with, and the time to all of it, s. */
    readonly strength: number;
    readonly rampS: number;
    readonly direction: Settings["crankDirection"];
  };
  readonly throttle: {
    readonly share: number;
    readonly followsLevel: boolean;
    readonly fromStandstill: boolean;
    readonly afterPedalling: boolean;
    readonly walkingPace: boolean;
    readonly onlyLevel: number | null;
  };
  readonly assistOn: boolean;
  /** True speed of walk assist, km/h; 0 where it is switched off. */
  readonly walkKmh: number;
  readonly regenShare: number;
  /** Volts from which each bar of the gauge stands, and the pack the gauge takes it for. */
  readonly barsV: readonly number[];
  readonly gaugePack: Pack;
  readonly gaugeIn: Settings["batteryReadout"];
  /** Time over which the gauge takes its volts, s; 0 where it shows them as they are. */
  readonly gaugeAveragingS: number;
}

/** Walking pace held without a line for it, km/h. */
const WALK_KMH = 4.5;
/** A controller that measures by its motor is so far off: its end is true speed times this. */
const OWN_MEASURE = 1.03;
/** A cap of a scale nobody knows ends between these on this bike, km/h: larger numbers are slower. */
const UNKNOWN_SCALE_KMH = { first: 40, last: 18 } as const;
/** Wait of a start that is the least ready there is: a whole turn of the crank at an easy cadence, s. */
const LEAST_READY_S = 1;
/** Time to full drive with the hardest and the softest ramp, s. */
const RAMP_S = { hardest: 0.15, softest: 2.2 } as const;

/** True speed at which the line of a setting ends drive, km/h; null where it ends none. */
function endKmh(live: LiveBike, raws: Raws, setting: "assistCapKmh" | "throttleCapKmh", r: number): number | null {
  const { profile } = live;
  const says = decider(profile, raws, setting);
  if (!says) return setting === "assistCapKmh" ? shareEndKmh(live, raws) : null;
  const { encoding } = says.line;
  const capKmh = decoded(profile, raws, setting);
  if (capKmh === "uncapped") return null;
  if (encoding.kind === "unknown-scale") {
    const along = rankOf(encoding, says.raw ?? 0) / Math.max(1, rawValues(encoding).length - 1);
    return UNKNOWN_SCALE_KMH.first + (UNKNOWN_SCALE_KMH.last - UNKNOWN_SCALE_KMH.first) * along;
  }
  if (capKmh === null) return null;
  return capBasisOf(encoding) === "own" ? capKmh * OWN_MEASURE : r > 0 ? capKmh / r : null;
}

/** A cap held as a share of full power ends drive at that share of the speed the motor spins up to. */
function shareEndKmh({ profile, ride }: LiveBike, raws: Raws): number | null {
  const share = decoded(profile, raws, "capPowerShare");
  const spins = wheelOffGroundKmh(ride.setup.kit, FULL_DRIVE, null);
  return typeof share !== "number" || spins === null ? null : share * spins;
}

/**
 * Ratio of shown to true speed; 0 where the display counts nothing. What no line says is as this display's maker has
 * it: a wheel of its own, and as many pulses as the pick-up gives.
 */
function ratio({ profile, bike }: LiveBike, raws: Raws): number {
  const known = readOut(profile, raws, bike);
  if (known.kind === "known") return known.r.nominal;
  const given = bike.pulsesPerTurn ?? 1;
  const set = pulsesSet(profile, raws, bike) ?? given;
  const wheelMm = decoded(profile, raws, "circumferenceMm") ?? ASSUMED_WHEEL_MM;
  const percent = decoded(profile, raws, "speedCalibrationPercent") ?? 100;
  return set <= 0 || !bike.rollout ? 0 : ((wheelMm / bike.rollout.mm) * (given / set) * percent) / 100;
}

function throttleOf(profile: DisplayProfile, raws: Raws): Obeyed["throttle"] {
  const on = decoded(profile, raws, "driveMode") !== "assist-only" && decoded(profile, raws, "throttleMode") !== "off";
  const level = decoded(profile, raws, "throttleLevel");
  return {
    share: on ? (decoded(profile, raws, "throttleShare") ?? 1) : 0,
    followsLevel: decoded(profile, raws, "throttleMode") === "follows-level",
    fromStandstill: decoded(profile, raws, "throttleFromStandstill") ?? true,
    afterPedalling: decoded(profile, raws, "throttleAfterPedalling") ?? false,
    walkingPace: decoded(profile, raws, "throttleWalkingPace") ?? false,
    onlyLevel: typeof level === "number" ? level : null,
  };
}

function startOf({ profile }: LiveBike, raws: Raws): Obeyed["start"] {
  const readiness = decoded(profile, raws, "startReadiness");
  const softness = decoded(profile, raws, "rampSoftness") ?? 0.4;
  return {
    pulses: decoded(profile, raws, "startPulses") ?? (readiness === null ? 2 : 1),
    delayS: decoded(profile, raws, "startDelayS") ?? (readiness === null ? 0 : (1 - readiness) * LEAST_READY_S),
    strength: decoded(profile, raws, "startStrengthShare") ?? 0.5,
    rampS: RAMP_S.hardest + (RAMP_S.softest - RAMP_S.hardest) * softness,
    direction: decoded(profile, raws, "crankDirection") ?? "forward",
  };
}

/** The pack the display takes it for: by its volts line, and its chemistry where a line says so. */
function gaugePackOf({ profile, pack, bike }: LiveBike, raws: Raws): Pack {
  const said = decoded(profile, raws, "packChemistry");
  const chemistry = said === null || said === "own" ? pack.chemistry : said;
  const nominalV = decoded(profile, raws, "nominalV") ?? bike.packV;
  const series = nominalV === null || nominalV === bike.packV ? pack.series : usualSeries(nominalV, chemistry)[0];
  return { ...pack, chemistry, series: series ?? pack.series };
}

const BARS = ["bar1V", "bar2V", "bar3V", "bar4V", "bar5V"] as const satisfies readonly SettingKey[];

function walkKmh(profile: DisplayProfile, raws: Raws, r: number): number {
  if (decoded(profile, raws, "walkAssistOn") === false) return 0;
  const set = decoded(profile, raws, "walkAssistKmh");
  return set === null || r <= 0 ? WALK_KMH : set / r;
}

/** What a bike makes of its lines in force. */
export function obeyedBy(live: LiveBike, inForce: readonly number[]): Obeyed {
  const { profile, bike, ride } = live;
  const raws = asObeyed(live, inForce);
  const r = ratio(live, raws);
  const assistEndKmh = endKmh(live, raws, "assistCapKmh", r);
  const capLine = decider(profile, raws, "assistCapKmh");
  const throttleEnds = decider(profile, raws, "throttleCapKmh") !== null;
  const limits = [bike.controllerA, bike.bmsA, appliedCurrentA(profile, raws, bike)];
  const batteryA = Math.min(...limits.filter((amps) => amps !== null));
  const gaugePack = gaugePackOf(live, raws);
  const own = BARS.map((bar) => decoded(profile, raws, bar)).filter((volts) => volts !== null);
  const cutOffV = decoded(profile, raws, "cutOffV") ?? cutOffFloor(gaugePack.series, gaugePack.chemistry, 0.1).advisedV;
  return {
    r,
    unit: shownUnit(profile, raws) ?? "kmh",
    assistEndKmh,
    throttleEndKmh: throttleEnds
      ? endKmh(live, raws, "throttleCapKmh", r)
      : capLine && endsThrottle(capLine.line.encoding)
        ? assistEndKmh
        : null,
    drives: [{ kind: "off" }, ...sharesOn(profile, raws).shares.map((share) => driveOf(ride.kind, share))],
    batteryA,
    cutOffV,
    start: startOf(live, raws),
    throttle: throttleOf(profile, raws),
    assistOn: decoded(profile, raws, "driveMode") !== "throttle-only",
    walkKmh: walkKmh(profile, raws, r),
    regenShare: bike.motorKind === "direct-drive-hub" ? (decoded(profile, raws, "regenShare") ?? 0) : 0,
    barsV: own.length === BARS.length ? own : barVoltages(gaugePack, 5, TYPICAL_SHARE * batteryA, 0.1, cutOffV),
    gaugePack,
    gaugeIn: decoded(profile, raws, "batteryReadout") ?? "percent",
    gaugeAveragingS: decoded(profile, raws, "gaugeAveragingS") ?? 0,
  };
}
