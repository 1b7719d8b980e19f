/**
 * The checks a bike is due before it leaves, chosen by what it is and what was set, with the numbers to expect.
 * Order and content: common practice, no source. Brake cut-off comes before anything turns under power.
 */
import { assistLimit, type AppliedCap, type ClassChoice } from "../law";
import { LEVEL_SHARES, type SettingKey } from "../display";
import type { Bike } from "../facts";
import type { ReadOut } from "../applied";
import { speedToKmh, type SpeedUnit } from "../units";
import { readSpeedKmh } from "../units/quantity";

/** Every check, in the order they are done. */
export const CHECK_IDS = [
  "brake-cut-off",
  "spin-speed",
  "levels",
  "throttle",
  "throttle-release",
  "walk-assist",
  "crawl-and-turn",
  "speedometer-run",
  "top-speed-run",
] as const;
export type CheckId = (typeof CHECK_IDS)[number];
export const isCheck = (id: string): id is CheckId => CHECK_IDS.some((known) => known === id);

const SPEED_SHOWN = [
  "speedUnit",
  "circumferenceMm",
  "pulsesPerTurn",
  "motorPulses",
  "speedSensor",
  "motorPreset",
  "motorPresetKind",
  "speedCalibrationPercent",
] as const satisfies readonly SettingKey[];
const CAPS = ["assistCapKmh", "throttleCapKmh", "capPowerShare"] as const satisfies readonly SettingKey[];
const THROTTLE = [
  "throttleMode",
  "throttleFromStandstill",
  "throttleAfterPedalling",
  "throttleWalkingPace",
  "throttleShare",
  "throttleCurve",
  "throttleLevel",
  "driveMode",
] as const satisfies readonly SettingKey[];
const START = [
  "crankPulses",
  "crankDirection",
  "startPulses",
  "startDelayS",
  "startReadiness",
  "crankScalingPercent",
  "startStrengthShare",
  "rampSoftness",
] as const satisfies readonly SettingKey[];
const CURRENT = ["currentLimitA", "currentShare"] as const satisfies readonly SettingKey[];

/**
 * Settings a check rests on: when a line that has a say in one of them changes, its answer no longer stands. The brakes
 * are proven anew after any change. Common practice, no source.
 */
export const CHECK_RESTS_ON: Readonly<Record<CheckId, readonly SettingKey[] | "every-line">> = {
  "brake-cut-off": "every-line",
  "spin-speed": SPEED_SHOWN,
  levels: ["assistLevels", "levelZero", "levelAtPowerOn", "strengthCurve", ...LEVEL_SHARES, ...CURRENT, ...CAPS],
  throttle: [...THROTTLE, ...CAPS, ...CURRENT],
  "throttle-release": [...THROTTLE, "cruiseOn", "waveForm", ...CURRENT],
  "walk-assist": ["walkAssistOn", "walkAssistKmh", ...SPEED_SHOWN],
  "crawl-and-turn": [...START, ...LEVEL_SHARES, ...CURRENT, ...THROTTLE, "gentleAtPowerOn", "gentleShare"],
  "speedometer-run": SPEED_SHOWN,
  "top-speed-run": [...CAPS, ...SPEED_SHOWN, ...CURRENT, "assistLevels", "gentleAtPowerOn"],
};

export type Expectation =
  | { readonly kind: "yes" }
  /** A measured speed that must not pass `atMostKmh`; `expectedKmh` is what the numbers foretell. */
  | {
      readonly kind: "at-most";
      readonly expectedKmh: number | null;
      readonly atMostKmh: number;
      readonly strict: boolean;
    }
  /** A reading that must lie between two speeds. */
  | { readonly kind: "between"; readonly lowKmh: number; readonly highKmh: number; readonly atTrueKmh: number };

export interface DueCheck {
  readonly id: CheckId;
  readonly expect: Expectation;
  /** Whether the wheel turns under power while it is done. */
  readonly wheelTurns: boolean;
  /** Unit a speed is asked for in: the one the display shows. */
  readonly unit: SpeedUnit;
}

export interface CheckContext {
  readonly bike: Bike;
  readonly choice: ClassChoice | null;
  readonly cap: AppliedCap;
  readonly meter: ReadOut;
  readonly unit: SpeedUnit;
  readonly throttleOn: boolean;
  readonly walkAssistOn: boolean;
}

/** True speed of the speedometer run in the unit shown: slow enough for a yard, fast enough to read. */
const RUN_AT: Readonly<Record<SpeedUnit, number>> = { kmh: 20, mph: 12 };

/** Reading a bouncing number off a handlebar, km/h. */
const READING_SLACK_KMH = 0.5;

/** The checks due, in the order they are done. Speeds in km/h. */
export function dueChecks({
  unit,
  bike,
  choice,
  cap,
  meter,
  throttleOn,
  walkAssistOn,
}: CheckContext): readonly DueCheck[] {
  const yes = (id: CheckId, wheelTurns = true): DueCheck => ({ id, expect: { kind: "yes" }, wheelTurns, unit });
  const limit = choice ? assistLimit(choice) : null;
  const checks: DueCheck[] = [];
  if (bike.brakeCutOff !== false) checks.push(yes("brake-cut-off"));
  checks.push(yes("spin-speed"), yes("levels"));
  if (bike.throttleFitted !== false) checks.push(yes("throttle"));
  if (throttleOn && bike.throttleFitted !== false) checks.push(yes("throttle-release"));
  if (walkAssistOn) {
    const walkKmh = choice?.rule.walkAssistKmh ?? null;
    checks.push({
      id: "walk-assist",
      expect:
        walkKmh === null ? { kind: "yes" } : { kind: "at-most", expectedKmh: null, atMostKmh: walkKmh, strict: false },
      wheelTurns: true,
      unit,
    });
  }
  checks.push(yes("crawl-and-turn"));
  if (meter.kind === "known") {
    const runKmh = speedToKmh(RUN_AT[unit], unit);
    checks.push({
      id: "speedometer-run",
      expect: {
        kind: "between",
        lowKmh: runKmh * meter.r.low - READING_SLACK_KMH,
        highKmh: runKmh * meter.r.high + READING_SLACK_KMH,
        atTrueKmh: runKmh,
      },
      wheelTurns: true,
      unit,
    });
  }
  if (limit)
    checks.push({
      id: "top-speed-run",
      expect: {
        kind: "at-most",
        expectedKmh: cap.kind === "true" ? cap.kmh.nominal : null,
        atMostKmh: limit.kmh,
        strict: limit.strict,
      },
      wheelTurns: true,
      unit,
    });
  return checks;
}

/** "due-again": it was answered, and something it rests on has changed since. */
export type Verdict = "due" | "due-again" | "passed" | "failed" | "not-a-number";

/** What was written down for a check: yes or no, or a speed in the unit it was asked in unless it names another. */
export interface CheckAnswer {
  readonly answer: string;
  readonly measured: string;
  readonly askedIn: SpeedUnit;
}

/** Fastest speed that is taken for a reading, km/h. */
const FASTEST_KMH = 200;

/** Verdict on one check from what was written down. `changed`: lines it rests on that have changed since. */
export function verdictOn(check: DueCheck, result: CheckAnswer | undefined, changed: readonly string[] = []): Verdict {
  if (!result) return "due";
  const { expect } = check;
  const verdict = verdictNow(expect, result);
  return changed.length > 0 && (verdict === "passed" || verdict === "failed") ? "due-again" : verdict;
}

function verdictNow(expect: Expectation, result: CheckAnswer): Verdict {
  if (expect.kind === "yes") return result.answer === "yes" ? "passed" : result.answer === "no" ? "failed" : "due";
  if (result.measured.trim() === "") return "due";
  const kmh = readSpeedKmh(result.measured, result.askedIn);
  if (!(kmh >= 0 && kmh <= FASTEST_KMH)) return "not-a-number";
  if (expect.kind === "between") return kmh >= expect.lowKmh && kmh <= expect.highKmh ? "passed" : "failed";
  return (expect.strict ? kmh < expect.atMostKmh : kmh <= expect.atMostKmh) ? "passed" : "failed";
}
