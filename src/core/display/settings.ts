/**
 * Canonical settings: what a display's line can mean, said once for all displays. A line is an encoding of one of
 * these, of several at once, or of none. Safe directions, who sets what, and what it can hurt: common practice, no
 * source.
 */
import { CHEMISTRY_IDS, type Chemistry } from "../battery/chemistry";
import type { ThrottleMode } from "../law";
import type { SafeDirection, SpeedUnit } from "../units";

export type ShareKey = `share${1 | 2 | 3 | 4 | 5 | 6 | 7 | 8 | 9}`;
export type BarKey = `bar${1 | 2 | 3 | 4 | 5}V`;

/** Value type of each setting. Names carry the unit; shares run from 0 to 1. */
export interface Settings extends Record<ShareKey, number>, Record<BarKey, number> {
  // Screen
  speedUnit: SpeedUnit;
  temperatureUnit: "celsius" | "fahrenheit";
  backlight: number;
  lightSensor: number;
  /** Minutes to auto-off; 0 is never. */
  autoOffMin: number;
  powerReadout: "watts" | "amps";
  batteryReadout: "percent" | "volts";
  infoLine: "trip" | "odometer" | "clock" | "time-ridden" | "top-speed";
  motorTemperatureShown: boolean;
  // Wheel and speed
  circumferenceMm: number;
  pulsesPerTurn: number;
  speedSensor: "wheel" | "motor";
  /**
   * Pulses per wheel turn of the pick-up inside the motor: poles or pairs as the controller counts, times the gear
   * ratio.
   */
  motorPulses: number;
  motorPreset: number;
  /** Preset for a kind of motor; "own" where its figures are set line by line. */
  motorPresetKind: "geared-hub" | "direct-drive-hub" | "mid-drive" | "own";
  speedCalibrationPercent: number;
  // Limits. Caps as the display holds them, compared in whatever way the line's basis says; "uncapped" where it has
  // none.
  assistCapKmh: number | "uncapped";
  throttleCapKmh: number | "uncapped";
  walkAssistKmh: number;
  /** Cap held as a share of full power: no speed can be worked out from it. */
  capPowerShare: number | "uncapped";
  currentLimitA: number;
  /** Current limit as a share of the controller's own. */
  currentShare: number;
  cutOffV: number;
  // Battery
  nominalV: number;
  packChemistry: Chemistry | "own";
  gaugeAveragingS: number;
  // Assist
  assistLevels: number;
  levelZero: boolean;
  levelAtPowerOn: number | "last-used";
  strengthCurve: number;
  crankPulses: number;
  crankDirection: "forward" | "backward";
  startPulses: number;
  startDelayS: number;
  /** How readily assist starts: 1 is the soonest. */
  startReadiness: number;
  crankScalingPercent: number;
  /** Share of full start strength; 1 is the hardest start. */
  startStrengthShare: number;
  /** How softly power comes in: 1 is the softest ramp. */
  rampSoftness: number;
  // Throttle
  throttleMode: ThrottleMode;
  throttleFromStandstill: boolean;
  throttleAfterPedalling: boolean;
  throttleWalkingPace: boolean;
  throttleShare: number;
  throttleCurve: number;
  throttleLevel: number | "any";
  driveMode: "assist-only" | "throttle-only" | "both";
  // Other motion
  walkAssistOn: boolean;
  cruiseOn: boolean;
  regenShare: number;
  gentleAtPowerOn: boolean;
  gentleShare: number;
  lampMode: "manual" | "automatic" | "flashing";
  // Keep
  startPinOn: boolean;
  odometerShown: boolean;
  tripReset: "manual" | "at-power-off";
  protocol: number;
  waveForm: "block" | "sine";
  phaseCoding: number;
}

export type SettingKey = keyof Settings;

/** The share of each assist level, lowest first. */
export const LEVEL_SHARES = [
  "share1",
  "share2",
  "share3",
  "share4",
  "share5",
  "share6",
  "share7",
  "share8",
  "share9",
] as const satisfies readonly SettingKey[];
export type SettingValue = Settings[SettingKey];
/** Any part of a canonical setup. */
export type Setup = { readonly [K in SettingKey]?: Settings[K] };

export type WhoSets = "owner" | "technician" | "maker";
export type SettingGroup =
  "screen" | "wheel-and-speed" | "limits" | "battery" | "assist" | "throttle" | "other-motion" | "keep";
export type SettingUnit = "km/h" | "A" | "V" | "mm" | "pulses" | "levels" | "min" | "s" | "share" | "percent" | null;
export type Hazard = "bike-moves" | "battery-fire" | "overheating" | "over-speed" | "locked-out";

/** What values a setting can have at all; what a line of a display can hold of them is in its encoding. */
export type Domain =
  | { readonly kind: "number"; readonly min: number; readonly max: number; readonly words: readonly string[] }
  | { readonly kind: "flag" }
  | { readonly kind: "choice"; readonly values: readonly string[] };

export interface SettingDefinition {
  readonly group: SettingGroup;
  readonly unit: SettingUnit;
  readonly domain: Domain;
  /** Side to round to when a line cannot hold the value; null where values do not lie on a scale. */
  readonly safeDirection: SafeDirection | null;
  readonly setBy: WhoSets;
  /** What a wrong value can hurt. */
  readonly hazards: readonly Hazard[];
  readonly mattersInLaw: boolean;
}

type Rest = Partial<Pick<SettingDefinition, "safeDirection" | "setBy" | "hazards" | "mattersInLaw">>;
const define = (group: SettingGroup, unit: SettingUnit, domain: Domain, rest: Rest): SettingDefinition => ({
  group,
  unit,
  domain,
  safeDirection: null,
  setBy: "owner",
  hazards: [],
  mattersInLaw: false,
  ...rest,
});
const number = (
  group: SettingGroup,
  unit: SettingUnit,
  min: number,
  max: number,
  rest: Rest = {},
  words: readonly string[] = [],
) => define(group, unit, { kind: "number", min, max, words }, rest);
const flag = (group: SettingGroup, rest: Rest = {}) => define(group, null, { kind: "flag" }, rest);
const choice = (group: SettingGroup, values: readonly string[], rest: Rest = {}) =>
  define(group, null, { kind: "choice", values }, rest);

const TECHNICIAN: Rest = { setBy: "technician" };
const MAKER: Rest = { setBy: "maker" };
const MOVES: Rest = { setBy: "technician", hazards: ["bike-moves"] };
const share = (): SettingDefinition => number("assist", "share", 0, 1, { safeDirection: "down", setBy: "technician" });
const barV = (): SettingDefinition => number("battery", "V", 10, 120, { safeDirection: "up", setBy: "technician" });

export const SETTINGS: { readonly [K in SettingKey]: SettingDefinition } = {
  speedUnit: choice("screen", ["kmh", "mph"]),
  temperatureUnit: choice("screen", ["celsius", "fahrenheit"]),
  backlight: number("screen", null, 0, 20),
  lightSensor: number("screen", null, 0, 20),
  autoOffMin: number("screen", "min", 0, 240),
  powerReadout: choice("screen", ["watts", "amps"]),
  batteryReadout: choice("screen", ["percent", "volts"]),
  infoLine: choice("screen", ["trip", "odometer", "clock", "time-ridden", "top-speed"]),
  motorTemperatureShown: flag("screen"),
  circumferenceMm: number("wheel-and-speed", "mm", 400, 3200, {
    safeDirection: "up",
    setBy: "technician",
    hazards: ["over-speed"],
    mattersInLaw: true,
  }),
  pulsesPerTurn: number("wheel-and-speed", "pulses", 1, 1000, {
    safeDirection: "down",
    setBy: "maker",
    hazards: ["over-speed"],
    mattersInLaw: true,
  }),
  speedSensor: choice("wheel-and-speed", ["wheel", "motor"], {
    setBy: "maker",
    hazards: ["over-speed"],
    mattersInLaw: true,
  }),
  motorPulses: number("wheel-and-speed", "pulses", 1, 1000, {
    safeDirection: "down",
    setBy: "maker",
    hazards: ["over-speed"],
    mattersInLaw: true,
  }),
  motorPreset: number("wheel-and-speed", null, 0, 255, MAKER),
  motorPresetKind: choice("wheel-and-speed", ["geared-hub", "direct-drive-hub", "mid-drive", "own"], MAKER),
  speedCalibrationPercent: number("wheel-and-speed", "percent", 50, 150, {
    safeDirection: "up",
    setBy: "technician",
    hazards: ["over-speed"],
    mattersInLaw: true,
  }),
  assistCapKmh: number(
    "limits",
    "km/h",
    0,
    200,
    { safeDirection: "down", setBy: "technician", hazards: ["over-speed"], mattersInLaw: true },
    ["uncapped"],
  ),
  throttleCapKmh: number(
    "limits",
    "km/h",
    0,
    200,
    { safeDirection: "down", setBy: "technician", hazards: ["over-speed"], mattersInLaw: true },
    ["uncapped"],
  ),
  walkAssistKmh: number("limits", "km/h", 0, 12, {
    safeDirection: "down",
    setBy: "technician",
    hazards: ["bike-moves"],
    mattersInLaw: true,
  }),
  capPowerShare: number(
    "limits",
    "share",
    0,
    1,
    { safeDirection: "down", setBy: "technician", hazards: ["over-speed"], mattersInLaw: true },
    ["uncapped"],
  ),
  currentLimitA: number("limits", "A", 1, 200, {
    safeDirection: "down",
    setBy: "technician",
    hazards: ["overheating", "battery-fire"],
  }),
  currentShare: number("limits", "share", 0, 1, {
    safeDirection: "down",
    setBy: "technician",
    hazards: ["overheating", "battery-fire"],
  }),
  cutOffV: number("limits", "V", 8, 110, { safeDirection: "up", setBy: "technician", hazards: ["battery-fire"] }),
  nominalV: number("battery", "V", 6, 120, { setBy: "technician", hazards: ["battery-fire"] }),
  packChemistry: choice("battery", [...CHEMISTRY_IDS, "own"], {
    setBy: "technician",
    hazards: ["battery-fire"],
  }),
  gaugeAveragingS: number("battery", "s", 0, 600, TECHNICIAN),
  bar1V: barV(),
  bar2V: barV(),
  bar3V: barV(),
  bar4V: barV(),
  bar5V: barV(),
  assistLevels: number("assist", "levels", 1, 20),
  levelZero: flag("assist", { hazards: ["bike-moves"] }),
  share1: share(),
  share2: share(),
  share3: share(),
  share4: share(),
  share5: share(),
  share6: share(),
  share7: share(),
  share8: share(),
  share9: share(),
  levelAtPowerOn: number("assist", null, 0, 20, { hazards: ["bike-moves"] }, ["last-used"]),
  strengthCurve: number("assist", null, 0, 20, { ...TECHNICIAN, safeDirection: "down" }),
  crankPulses: number("assist", "pulses", 1, 96, MAKER),
  crankDirection: choice("assist", ["forward", "backward"], { setBy: "maker", hazards: ["bike-moves"] }),
  startPulses: number("assist", "pulses", 1, 96, { ...MOVES, safeDirection: "up" }),
  startDelayS: number("assist", "s", 0, 10, { ...MOVES, safeDirection: "up" }),
  startReadiness: number("assist", "share", 0, 1, { ...MOVES, safeDirection: "down" }),
  crankScalingPercent: number("assist", "percent", -100, 300, { ...TECHNICIAN, safeDirection: "down" }),
  startStrengthShare: number("assist", "share", 0, 1, { ...MOVES, safeDirection: "down" }),
  rampSoftness: number("assist", "share", 0, 1, { ...MOVES, safeDirection: "up" }),
  throttleMode: choice("throttle", ["off", "follows-level", "full"], { ...MOVES, mattersInLaw: true }),
  throttleFromStandstill: flag("throttle", MOVES),
  throttleAfterPedalling: flag("throttle", { ...MOVES, mattersInLaw: true }),
  throttleWalkingPace: flag("throttle", { ...MOVES, mattersInLaw: true }),
  throttleShare: number("throttle", "share", 0, 1, { ...MOVES, safeDirection: "down" }),
  throttleCurve: number("throttle", null, 0, 20, TECHNICIAN),
  throttleLevel: number("throttle", null, 0, 20, MOVES, ["any"]),
  driveMode: choice("throttle", ["assist-only", "throttle-only", "both"], { ...MOVES, mattersInLaw: true }),
  walkAssistOn: flag("other-motion", { hazards: ["bike-moves"], mattersInLaw: true }),
  cruiseOn: flag("other-motion", MOVES),
  regenShare: number("other-motion", "share", 0, 1, {
    safeDirection: "down",
    setBy: "technician",
    hazards: ["battery-fire"],
  }),
  gentleAtPowerOn: flag("other-motion"),
  gentleShare: number("other-motion", "share", 0, 1, { safeDirection: "down" }),
  lampMode: choice("other-motion", ["manual", "automatic", "flashing"]),
  startPinOn: flag("keep", { hazards: ["locked-out"] }),
  odometerShown: flag("keep"),
  tripReset: choice("keep", ["manual", "at-power-off"]),
  protocol: number("keep", null, 0, 255, MAKER),
  waveForm: choice("keep", ["block", "sine"], MAKER),
  phaseCoding: number("keep", null, 0, 255, MAKER),
};

export const SETTING_KEYS = Object.keys(SETTINGS) as readonly SettingKey[];

/** Whether a value lies in a setting's domain at all. */
export function inDomain(setting: SettingKey, value: unknown): boolean {
  const { domain } = SETTINGS[setting];
  switch (domain.kind) {
    case "flag":
      return typeof value === "boolean";
    case "choice":
      return typeof value === "string" && domain.values.includes(value);
    case "number":
      return typeof value === "number"
        ? value >= domain.min && value <= domain.max
        : typeof value === "string" && domain.words.includes(value);
  }
}
