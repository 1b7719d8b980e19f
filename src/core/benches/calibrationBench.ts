/** Calibration at the bench: runs, trip or course, the factor they give, and the lines that put it right. */
import { linesOf, settingsOf } from "../display";
import type { SpeedUnit } from "../units";
import type { Interval } from "../wheel";
import {
  calibrate,
  courseSpeed,
  factorFromTrip,
  meanSquare,
  runsNeeded,
  type Calibration,
  type FactorWithInterval,
} from "../wheel/calibration";
import { decoded, pulsesGiven, pulsesSet, speedometer } from "../applied/applied";
import type { Facts } from "../facts/everyFact";
import { readRuns, type RunsReading } from "../facts/lists";
import { shownUnitOf, wheelBench, type WheelAsk, type WheelBench } from "./wheelBench";

export interface CalibrationBench {
  readonly runs: RunsReading;
  /** Unit the true speeds of the runs are read in. */
  readonly trueUnit: SpeedUnit;
  readonly fit: Calibration | null;
  /** r in km/h terms with its interval, by the best means there is. */
  readonly best: { readonly by: "runs" | "trip" | "course"; readonly factor: FactorWithInterval } | null;
  readonly trip: FactorWithInterval | null;
  readonly course: { readonly kmh: number; readonly uncertaintyKmh: number; readonly r: number | null } | null;
  /** Runs needed in all for the wanted half-width; null where that cannot be said. */
  readonly needed: number | null;
  /** r the present lines should give, from wheel and pulses, to hold it against. */
  readonly predicted: Interval | null;
  /** Best lines once r is known; null while it is not. */
  readonly settings: WheelBench | null;
  /** Whether measured and predicted intervals do not meet. */
  readonly disagrees: boolean;
  /**
   * Rollout that explains the measured r while pulses are as counted, with its half-width; what the display counts for
   * a turn over r, mm.
   */
  readonly impliedRollout: {
    readonly mm: number;
    readonly uncertaintyMm: number;
    readonly countedMm: number;
    /** Pulses a turn it is worked out with. */
    readonly pulses: number;
  } | null;
  /** Per cent line as set and after correction, unrounded; null where the display has none. */
  readonly percent: { readonly code: string; readonly set: number; readonly exact: number } | null;
}

/** The factor a trip gives against a measured way; null where either is not given. */
function tripFactor(facts: Facts, toKmh: (shown: number) => number): FactorWithInterval | null {
  const [tripShown, trackKm] = [facts.number("tripShown"), facts.number("trackKm")];
  return tripShown === null || trackKm === null
    ? null
    : factorFromTrip(
        toKmh(tripShown),
        toKmh(facts.number("tripStep")),
        trackKm,
        facts.number("trackErrorKm") ?? undefined,
      );
}

/** A timed course as ridden, with r where the speed shown was read; null where length or time is not given. */
function courseRidden(facts: Facts, toKmh: (shown: number) => number): CalibrationBench["course"] {
  const [lengthM, seconds, shown] = [facts.number("courseM"), facts.number("courseS"), facts.number("courseShown")];
  if (lengthM === null || seconds === null) return null;
  const speed = courseSpeed({
    lengthM,
    tapeErrorM: facts.number("courseTapeM"),
    seconds,
    stopwatchErrorS: facts.number("stopwatchS"),
  });
  return speed && { ...speed, r: shown === null ? null : toKmh(shown) / speed.kmh };
}

/** The factor of a timed course with its interval. */
const courseFactor = ({ r, uncertaintyKmh, kmh }: NonNullable<CalibrationBench["course"]>) =>
  r === null
    ? null
    : {
        by: "course" as const,
        factor: { r, low: r * (1 - uncertaintyKmh / kmh), high: r * (1 + uncertaintyKmh / kmh) },
      };

/** Everything a calibration gives: r with its interval, and the lines that put it right. */
export function calibrationBench(ask: WheelAsk): CalibrationBench {
  const { bike, facts, profile, raws } = ask;
  const { toKmh } = shownUnitOf(profile, raws);
  const trueUnit: SpeedUnit = facts.option("trueUnit") === "mph" ? "mph" : "kmh";
  const runs = readRuns(facts.text("runs"), trueUnit);
  const pairs = runs.runs.map(({ trueKmh, shown }) => ({ trueKmh, shownKmh: toKmh(shown) }));
  const fit = calibrate(pairs, {
    stepKmh: toKmh(facts.number("shownStep")),
    truncates: facts.option("truncates") === "yes",
  });
  const trip = tripFactor(facts, toKmh);
  const course = courseRidden(facts, toKmh);
  const byRuns =
    fit && fit.low !== null && fit.high !== null
      ? { by: "runs" as const, factor: { r: fit.r, low: fit.low, high: fit.high } }
      : null;
  const byCourse = course && courseFactor(course);
  const best = byRuns ?? (trip ? { by: "trip" as const, factor: trip } : byCourse);
  const meter = profile ? speedometer(profile, raws, bike) : null;
  const jumps = fit?.notes.some(({ key }) => key === "calibration.jumping") ?? false;
  const setC = profile ? decoded(profile, raws, "circumferenceMm") : null;
  const setP = profile ? pulsesSet(profile, raws, bike) : null;
  const given = profile ? pulsesGiven(profile, raws, bike) : null;
  // A jumping sensor has no factor to put right.
  const usable = best && !(jumps && best.by === "runs") ? best : null;
  const percentLine = profile
    ? linesOf(profile).find((line) => settingsOf(line).includes("speedCalibrationPercent"))
    : undefined;
  const percentSet = profile ? (decoded(profile, raws, "speedCalibrationPercent") ?? 100) : 100;
  return {
    runs,
    trueUnit,
    fit,
    best,
    trip,
    course,
    needed: fit ? runsNeeded(fit, meanSquare(pairs), facts.number("wantedPercent") / 100) : null,
    predicted: meter?.r ?? null,
    disagrees:
      usable !== null && meter !== null && (usable.factor.high < meter.r.low || usable.factor.low > meter.r.high),
    impliedRollout:
      usable && setC !== null && setP !== null && typeof given === "number"
        ? impliedRollout(usable.factor, given, (given / setP) * ((setC * percentSet) / 100))
        : null,
    settings:
      usable && profile && setC !== null && setP !== null
        ? wheelBench(ask, {
            pulsesPerMm: (usable.factor.r * setP) / setC / (percentSet / 100),
            uncertainty: (usable.factor.high - usable.factor.low) / 2 / usable.factor.r,
          })
        : null,
    percent:
      usable && percentLine ? { code: percentLine.code, set: percentSet, exact: percentSet / usable.factor.r } : null,
  };
}

/** Rollout out of r and the millimetres the display counts for one real turn. */
const impliedRollout = ({ r, low, high }: FactorWithInterval, pulses: number, countedMm: number) => ({
  pulses,
  mm: countedMm / r,
  uncertaintyMm: ((countedMm / r) * (high - low)) / 2 / r,
  countedMm,
});
