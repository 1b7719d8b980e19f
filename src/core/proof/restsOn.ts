/** What the answer to a check rests on: the settings whose lines, changed, make it due again. */
import { LEVEL_SHARES, type SettingKey } from "../display";
import type { IntakeKey } from "../facts";
import type { CheckId } from "./checks";

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
  "release-lag": [...THROTTLE, "cruiseOn", "waveForm", ...CURRENT],
  cruise: ["cruiseOn", ...THROTTLE],
  "read-outs": [...SPEED_SHOWN, "nominalV", "packChemistry", "batteryReadout", "powerReadout", "infoLine"],
  "start-delay": START,
  "crawl-speed": [...START, ...LEVEL_SHARES, ...CURRENT],
  "coast-down": ["regenShare"],
  "braked-down": ["regenShare"],
  "level-speeds": ["assistLevels", "strengthCurve", ...LEVEL_SHARES, ...CURRENT, ...CAPS, ...SPEED_SHOWN],
  "pack-sag": [...CURRENT, "cutOffV", "nominalV", "packChemistry"],
  "walk-assist": ["walkAssistOn", "walkAssistKmh", ...SPEED_SHOWN],
  "crawl-and-turn": [...START, ...LEVEL_SHARES, ...CURRENT, ...THROTTLE, "gentleAtPowerOn", "gentleShare"],
  "speedometer-run": SPEED_SHOWN,
  "top-speed-run": [...CAPS, ...SPEED_SHOWN, ...CURRENT, "assistLevels", "gentleAtPowerOn"],
};

const WHEEL = ["tyre", "rolloutMm", "rolloutTurns", "pickUp", "pulsesPerTurn"] as const satisfies readonly IntakeKey[];
const DRIVE = ["motorKind", "motorRatedW", "controllerA", "packV"] as const satisfies readonly IntakeKey[];
const PACK = ["packV", "packAh", "chemistry", "bmsA", "controllerA"] as const satisfies readonly IntakeKey[];
const CRANK = ["crankPulses", "motorKind"] as const satisfies readonly IntakeKey[];

/**
 * Facts of the bike a check rests on: a part changed makes its answer stale, whatever the lines hold. Common practice,
 * no source.
 */
export const CHECK_RESTS_ON_FACTS: Readonly<Record<CheckId, readonly IntakeKey[]>> = {
  "brake-cut-off": ["motorKind", "motorRatedW", "controllerA", "brakeCutOff"],
  "spin-speed": [...WHEEL, "motorKind"],
  levels: DRIVE,
  throttle: ["throttleFitted", "controllerA", "motorKind"],
  "throttle-release": ["throttleFitted", "controllerA", "motorKind"],
  "release-lag": ["throttleFitted", "controllerA", "motorKind"],
  cruise: ["throttleFitted", "controllerA"],
  "read-outs": ["packV", "chemistry", "tyre"],
  "walk-assist": [...WHEEL, "motorKind"],
  "start-delay": CRANK,
  "crawl-and-turn": [...CRANK, ...DRIVE],
  "crawl-speed": DRIVE,
  "coast-down": ["tyre", "motorKind"],
  "braked-down": ["tyre", "motorKind", "packV"],
  "speedometer-run": WHEEL,
  "level-speeds": [...WHEEL, ...DRIVE],
  "pack-sag": PACK,
  "top-speed-run": [...WHEEL, ...DRIVE],
};
