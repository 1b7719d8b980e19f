/** One word for one thing: settings, their values, and who sets them. docs/glossary.md explains them. */
import {
  isUnsure,
  settingsOf,
  SETTINGS,
  type Decoded,
  type Line,
  type SettingKey,
  type SettingUnit,
  type SettingValue,
  type WhoSets,
} from "@/core/display";
import { CHEMISTRY_NAMES } from "./chemistries";
import { MOTOR_NAMES } from "./motors";
import { count, plain } from "./speak";

const SHARES = Object.fromEntries(
  [1, 2, 3, 4, 5, 6, 7, 8, 9].map((n) => [`share${n}`, `Share at level ${n}`]),
) as Record<`share${1 | 2 | 3 | 4 | 5 | 6 | 7 | 8 | 9}`, string>;
const BARS = Object.fromEntries([1, 2, 3, 4, 5].map((n) => [`bar${n}V`, `Gauge bar ${n}`])) as Record<
  `bar${1 | 2 | 3 | 4 | 5}V`,
  string
>;

export const SETTING_NAMES: Readonly<Record<SettingKey, string>> = {
  ...SHARES,
  ...BARS,
  speedUnit: "Speed unit",
  temperatureUnit: "Temperature unit",
  backlight: "Backlight",
  lightSensor: "Light sensor",
  autoOffMin: "Auto-off",
  powerReadout: "Power read-out",
  batteryReadout: "Battery read-out",
  infoLine: "Info line",
  motorTemperatureShown: "Motor temperature",
  circumferenceMm: "Wheel",
  pulsesPerTurn: "Pulses per turn",
  speedSensor: "Speed sensor",
  motorPulses: "Motor pulses",
  motorPreset: "Motor preset",
  motorPresetKind: "Kind of motor preset",
  speedCalibrationPercent: "Speed calibration",
  assistCapKmh: "Speed cap",
  throttleCapKmh: "Throttle cap",
  walkAssistKmh: "Walk assist speed",
  capPowerShare: "Power cap",
  currentLimitA: "Current limit",
  currentShare: "Current step",
  cutOffV: "Cut-off",
  nominalV: "Pack volts",
  packChemistry: "Pack chemistry",
  gaugeAveragingS: "Gauge averaging",
  assistLevels: "Assist levels",
  levelZero: "Level 0",
  levelAtPowerOn: "Level at power-on",
  strengthCurve: "Strength curve",
  crankPulses: "Crank pulses",
  crankDirection: "Crank direction",
  startPulses: "Start after",
  startDelayS: "Start delay",
  startReadiness: "Start readiness",
  crankScalingPercent: "Crank scaling",
  startStrengthShare: "Start strength",
  rampSoftness: "Ramp softness",
  throttleMode: "Throttle",
  throttleFromStandstill: "Standstill throttle",
  throttleAfterPedalling: "Throttle after pedalling",
  throttleWalkingPace: "Throttle at walking pace",
  throttleShare: "Throttle share",
  throttleCurve: "Throttle curve",
  throttleLevel: "Throttle level",
  driveMode: "Drive mode",
  walkAssistOn: "Walk assist",
  cruiseOn: "Cruise",
  regenShare: "Regeneration",
  gentleAtPowerOn: "Gentle at power-on",
  gentleShare: "Gentle share",
  lampMode: "Lamp",
  startPinOn: "Start PIN",
  odometerShown: "Odometer",
  tripReset: "Trip reset",
  protocol: "Protocol",
  waveForm: "Wave form",
  phaseCoding: "Phase coding",
};

/** What a line sets, in the product's words, with a question mark where that is a guess; its code stands beside it. */
export const lineName = (line: Line): string => `${plainName(line)}${isUnsure(line) ? "?" : ""}`;

function plainName(line: Line): string {
  const settings = settingsOf(line);
  if (settings.length > 0)
    return settings.length > 2 ? "Class preset" : settings.map((setting) => SETTING_NAMES[setting]).join(" and ");
  return line.encoding.kind === "read-only" ? "Read only" : "Reserved";
}

const VALUE_WORDS: Readonly<Record<string, string>> = {
  kmh: "km/h",
  mph: "mph",
  celsius: "°C",
  fahrenheit: "°F",
  percent: "per cent",
  "last-used": "last used",
  uncapped: "no cap",
  ...CHEMISTRY_NAMES,
  ...MOTOR_NAMES,
  own: "own figures",
  full: "always full",
  "follows-level": "follows level",
  "assist-only": "assist only",
  "throttle-only": "throttle only",
  "at-power-off": "at power-off",
  "time-ridden": "time ridden",
  "top-speed": "top speed",
  any: "any level",
};

const FLAG_WORDS: Partial<Readonly<Record<SettingKey, readonly [yes: string, no: string]>>> = {
  throttleFromStandstill: ["pulls", "rolling start"],
  throttleAfterPedalling: ["pedal first", "at once"],
  levelZero: ["has level 0", "no level 0"],
};

const UNIT_WORDS: Readonly<Record<NonNullable<SettingUnit>, (value: number) => string>> = {
  "km/h": (value) => `${plain(value)} km/h`,
  A: (value) => `${plain(value)} A`,
  V: (value) => `${plain(value)} V`,
  mm: (value) => `${plain(value, 0)} mm`,
  pulses: (value) => count(value, "pulse"),
  levels: (value) => count(value, "level"),
  min: (value) => (value === 0 ? "never" : `${plain(value)} min`),
  s: (value) => `${plain(value)} s`,
  share: (value) => `${plain(value * 100, 0)} %`,
  percent: (value) => `${plain(value)} %`,
};

/** A canonical value in words. */
export function settingValueWords(setting: SettingKey, value: SettingValue): string {
  if (typeof value === "boolean") return (FLAG_WORDS[setting] ?? ["on", "off"])[value ? 0 : 1];
  if (typeof value === "string") return VALUE_WORDS[value] ?? value;
  const { unit } = SETTINGS[setting];
  if (unit) return UNIT_WORDS[unit](value);
  return setting === "levelAtPowerOn" || setting === "throttleLevel" ? `level ${value}` : plain(value, 2);
}

/**
 * What a raw value stands for in words, where the number the display shows does not say it; null where it means
 * nothing.
 */
export function valueMeaning(means: Decoded): string | null {
  const entries = Object.entries(means) as readonly (readonly [SettingKey, SettingValue])[];
  if (entries.length === 0) return null;
  const [only] = entries;
  if (entries.length === 1 && only) return only[0] === "pulsesPerTurn" ? null : settingValueWords(only[0], only[1]);
  return entries
    .map(([setting, value]) => `${SETTING_NAMES[setting].toLowerCase()} ${settingValueWords(setting, value)}`)
    .join(", ");
}

export const WHO_SETS: Readonly<Record<WhoSets, string>> = {
  owner: "the owner",
  technician: "the technician",
  maker: "the maker only",
};
