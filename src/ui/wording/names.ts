/** One word for one thing: the names of settings, stages, marks and fields on screen. docs/glossary.md explains them. */
import type { CurrentPart } from "@/core/battery/current";
import {
  settingsOf,
  SETTINGS,
  type Danger,
  type Decoded,
  type Deed,
  type DisplayKey,
  type DisplayProfile,
  type KeyRule,
  type Line,
  type SettingKey,
  type SettingUnit,
  type SettingValue,
  type View,
  type WhoSets,
} from "@/core/display";
import type { NearMiss, Stroke, StrokeRun } from "@/core/keys";
import type { CheckId } from "@/core/proof";
import type { SpeedUnit } from "@/core/units";
import type { Stage } from "@/core/record";
import type { IntakeKey, Mark } from "@/core/setup";
import { count, plain, secondsOf } from "./speak";

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

/** What a line sets, in the product's words; the display's own code stands beside it. */
export function lineName(line: Line): string {
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
  nmc: "NMC",
  lfp: "LFP",
  "lead-acid": "lead-acid",
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

/** What a raw value stands for in words, where the number the display shows does not say it; null where it means nothing. */
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

export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  intake: "Intake",
  "as-found": "As found",
  plan: "Plan",
  program: "Program",
  prove: "Prove",
  "hand-over": "Hand over",
};

export const MARK_NAMES: Readonly<Record<Mark, string>> = {
  same: "same",
  odd: "odd",
  caution: "caution",
  breach: "breach",
  unknown: "unknown",
  "left-alone": "left alone",
};

interface FieldWords {
  readonly label: string;
  readonly hint?: string;
  readonly options?: Readonly<Record<string, string>>;
}

const YES_NO = { yes: "Yes", no: "No" } as const;

export const INTAKE_WORDS: Readonly<Record<IntakeKey, FieldWords>> = {
  nickname: { label: "Nickname", hint: "What you call the bike. No names of people." },
  frame: { label: "Bike", hint: "20-inch folder, 700C tourer, 27.5 cargo" },
  visit: {
    label: "Why it is here",
    options: {
      "brand-new": "Brand-new kit",
      conversion: "Conversion",
      service: "Service",
      complaint: "Complaint",
      swap: "Display swap",
      upgrade: "Upgrade",
    },
  },
  complaint: { label: "What the rider says", hint: "In the rider’s words." },
  rider: { label: "Rider", options: { novice: "New to it", "used-to-it": "Used to it" } },
  tyre: { label: "Tyre, as on the sidewall", hint: "ISO designation: 50-559" },
  rolloutMm: { label: "Rollout, all turns", hint: "Valve down, rider on, roll straight." },
  rolloutTurns: { label: "Turns rolled" },
  tapeErrorMm: { label: "Tape may be off by" },
  motorKind: {
    label: "Motor",
    options: { "geared-hub": "Geared hub", "direct-drive-hub": "Direct-drive hub", "mid-drive": "Mid-drive" },
  },
  motorRatedW: { label: "Motor rating", hint: "Continuous watts, from its plate." },
  pickUp: {
    label: "Speed picked up",
    options: { "spoke-magnet": "Magnet on a spoke", "inside-motor": "Inside the motor" },
  },
  pulsesPerTurn: { label: "Pulses per wheel turn", hint: "Count the spoke magnets." },
  crankPulses: { label: "Crank sensor pulses", hint: "Per crank turn; a double sensor counts twice." },
  throttleFitted: { label: "Throttle fitted", options: YES_NO },
  brakeCutOff: { label: "Brake cut-off levers", options: YES_NO },
  packV: { label: "Pack, nominal" },
  chemistry: { label: "Cells", options: { nmc: "NMC", lfp: "LFP", "lead-acid": "Lead-acid" } },
  series: { label: "Cells in series", hint: "Only where they are not the usual for these volts." },
  packAh: { label: "Pack charge" },
  bmsA: { label: "BMS, continuous" },
  controllerA: { label: "Controller" },
  controllerV: { label: "Controller takes", hint: "Volts on its label: 36/48" },
  connectorA: { label: "Connector bears", hint: "From its data sheet, for long." },
  wireMm2: { label: "Thinnest battery wire" },
  wireGauge: { label: "Or by its gauge", hint: "American wire gauge, as printed on it." },
  overload: { label: "Motor bears its rating times", hint: "1.5 to 2 for the time of a hill. From memory." },
};

export const PART_WORDS: Readonly<Record<CurrentPart, string>> = {
  controller: "Controller",
  bms: "BMS",
  motor: "Motor",
  connector: "Connector",
  wire: "Wire",
};

/** The part as it stands within a sentence. */
export const partInSentence = (part: CurrentPart): string => (part === "bms" ? "BMS" : PART_WORDS[part].toLowerCase());

interface CheckWords {
  readonly title: string;
  readonly how: (unit: SpeedUnit) => string;
  /** What to look at next where it failed. */
  readonly next: string;
}

export const CHECK_WORDS: Readonly<Record<CheckId, CheckWords>> = {
  "brake-cut-off": {
    title: "Brake cut-off",
    how: () => "Spin the wheel under power. Pull each lever. The motor must stop at once.",
    next: "Do not let it leave. Look at the lever’s plug and its switch, lever by lever, then spin it again.",
  },
  "spin-speed": {
    title: "Speed shown, wheel off the floor",
    how: () => "The speed must climb smoothly and not jump.",
    next: "A speed that jumps is a magnet missing or too far from its sensor, not a wrong number. Look there first.",
  },
  levels: {
    title: "Every level",
    how: () => "Step through all levels. Each must pull at least as hard as the one before.",
    next: "Read the level lines back. A level weaker than the one below it is a share set out of order.",
  },
  throttle: {
    title: "Throttle does what the sheet says",
    how: () => "Off stays dead. Follows level is weaker at level 1. A rolling start does nothing at standstill.",
    next: "Read the throttle and drive lines back. If they hold what was planned, the line does nothing here: unplug it.",
  },
  "throttle-release": {
    title: "Throttle release",
    how: () => "Let go. The motor must stop at once, not push on.",
    next: "Do not let it leave. Look whether the grip springs back, then whether cruise is on.",
  },
  "walk-assist": {
    title: "Walk assist",
    how: () => "Hold it with the wheel up, then on the floor. Read the speed.",
    next: "Set the walk line lower, or switch it off on the plan, and program again.",
  },
  "crawl-and-turn": {
    title: "Crawl and turn",
    how: () => "Ride at walking pace and turn tightly. It must not surge.",
    next: "Make the start softer or later on the plan, and program again.",
  },
  "speedometer-run": {
    title: "Speedometer against GPS",
    how: (unit) =>
      `Hold a steady true ${unit === "mph" ? "12 mph" : "20 km/h"} for ten seconds, both ways. Write down what the display shows.`,
    next: "Wheel, pulses or rollout are not what they are taken for. Measure the rollout again, then look under Numbers, Speedometer.",
  },
  "top-speed-run": {
    title: "Top assisted speed",
    how: () => "On the flat, pedal up through the cap. Write down the true speed where help ends.",
    next: "Do not let it leave as this class. Read the cap line back; if it holds what was planned, the wheel line lies: calibrate, then program again.",
  },
};

export const keyOf = (profile: DisplayProfile, id: string): DisplayKey | null =>
  profile.keys.find((key) => key.id === id) ?? null;

/** "Lamp + Plus", as said aloud. */
export const keyNames = (profile: DisplayProfile, keys: readonly string[]): string =>
  keys.map((id) => keyOf(profile, id)?.name ?? id).join(" + ");

/** What each deed does, as a sentence goes on after its keys. */
export const DEED_WORDS: Readonly<Record<Deed["kind"], string>> = {
  "power-on": "switches on",
  "power-off": "switches off",
  "open-page": "opens the menu",
  "next-entry": "goes to the next line",
  "previous-entry": "goes to the line before",
  select: "goes in, or makes the value blink",
  back: "goes back",
  "step-value": "steps the value",
  "step-digit": "steps one digit",
  "confirm-value": "confirms the value",
  "cancel-value": "drops the change",
  "save-and-leave": "saves and leaves",
  "leave-without-saving": "leaves without saving",
  "next-digit": "goes to the next digit",
  "run-action": "does what the line says",
  "start-walk-assist": "starts walk assist: the motor runs while held",
  "step-level": "steps the level",
  "toggle-lamp": "switches the lamp",
  "toggle-hazard-lamp": "switches the hazard lamp",
  "next-info": "shows the next figure",
  "open-monitor": "opens the read-only monitor",
  "start-cruise": "starts cruise: the motor holds the speed",
  "end-cruise": "ends cruise",
  "step-backlight": "steps the brightness until power-off",
};

/** What a deed does, with what it is about named. */
export function deedWords(profile: DisplayProfile, { does }: KeyRule): string {
  if (does.kind === "open-page")
    return `opens ${profile.menu.pages.find((page) => page.id === does.page)?.name ?? does.page}${does.code ? `, code ${does.code}` : ""}`;
  if (does.kind === "run-action") return ACTION_WORDS[does.action];
  if (does.kind === "step-value" || does.kind === "step-level" || does.kind === "step-backlight")
    return `${DEED_WORDS[does.kind]} ${does.by === 1 ? "up" : "down"}`;
  if (does.kind === "step-digit") return `steps the ${["ones", "tens", "hundreds"][does.place] ?? "next digit"}`;
  return DEED_WORDS[does.kind];
}

export const ACTION_WORDS = {
  restore: "puts the maker’s values back: everything set is lost",
  "clear-trip": "clears the trip",
  "clear-odometer": "clears the odometer",
  "set-pin": "sets a start PIN",
  "copy-settings": "copies the settings to another controller",
} as const;

export const DANGER_WORDS: Readonly<Record<Danger, string>> = {
  "bike-moves": "the bike drives off",
  "erases-settings": "every setting is lost",
  "erases-distance": "the odometer is cleared",
  "locks-out": "the display locks",
};

/** What happens when a chord is missed, as a sentence goes on after its keys. */
export function missWords({ does, danger }: NearMiss): string {
  if (does.kind === "run-action") return ACTION_WORDS[does.action];
  return `${does.kind === "start-cruise" ? "starts cruise" : "starts walk assist"}: ${DANGER_WORDS[danger]}`;
}

/** How its keys are pressed: "held 2 s". */
export const gestureWords = ({ gesture }: KeyRule): string =>
  gesture.kind === "hold"
    ? `held ${secondsOf(gesture.holdMs)} s`
    : gesture.kind === "double-tap"
      ? "tapped twice"
      : "tapped";

/** When and where a rule holds, beyond its screen. */
export function ruleConditions(profile: DisplayProfile, rule: KeyRule): string | null {
  const parts = [
    rule.pages
      ? `on ${rule.pages.map((id) => profile.menu.pages.find((page) => page.id === id)?.name ?? id).join(", ")}`
      : null,
    rule.editing === true ? "while the value blinks" : null,
    rule.infoLine ? `while it shows ${rule.infoLine}` : null,
    rule.sincePowerOn
      ? `${rule.sincePowerOn.kind === "within" ? "within" : "later than"} ${secondsOf(rule.sincePowerOn.ms)} s of power-on`
      : null,
    rule.wheelStill ? "wheel still" : null,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(", ") : null;
}

/** What can be seen on a display, in few words. */
export function viewWords(view: View): string {
  switch (view.kind) {
    case "line":
      return `${view.code} · ${view.shows}${view.blinks ? ", blinking" : ""}`;
    case "entry":
      return view.code;
    case "code":
      return `code ${view.shows}`;
    case "confirm":
      return `${view.code} · ${view.shows}`;
    case "home":
      return "home screen";
    case "off":
      return "dark";
    case "monitor":
      return "monitor page";
    case "walk-assist":
      return "walk assist";
  }
}

/** What to do with the keys of a stroke: "3 taps", "hold 1.8 s". */
export function strokeWords(stroke: Stroke, times: number, ends: string | null): string {
  switch (stroke.kind) {
    case "tap":
      return times === 1 ? "1 tap" : `${times} taps`;
    case "hold":
      return `hold ${secondsOf(stroke.holdMs)} s`;
    case "double-tap":
      return "double tap";
    case "repeat":
      return ends ? `hold until ${ends}` : "hold";
    case "wait":
      return `wait ${secondsOf(stroke.ms)} s`;
  }
}

/** A run of strokes with its keys, as one phrase: "Plus 3 taps to 29". */
export function stepRunWords(profile: DisplayProfile, run: StrokeRun): string {
  const last = run.views[run.views.length - 1];
  const shown = last?.kind === "line" ? last.shows : null;
  if (run.stroke.kind === "wait") return strokeWords(run.stroke, run.count, null);
  const stays = run.views.every((view) => view.kind === "line" && last?.kind === "line" && view.code === last.code);
  const onLine =
    last?.kind === "line" && run.stroke.kind === "tap"
      ? stays && run.count > 0
        ? ` (line ${last.code} shows ${last.shows})`
        : ` to line ${last.code}`
      : "";
  const result = last?.kind === "entry" ? ` to ${last.code}` : onLine;
  return `${keyNames(profile, run.stroke.keys)} ${strokeWords(run.stroke, run.count, shown)}${result}`;
}
