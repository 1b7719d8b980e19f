/** One word for one thing: settings, and what a line sets. docs/glossary.md explains them. */
import { isUnsure, settingsOf, type Line, type SettingKey } from "@/core/display";

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
