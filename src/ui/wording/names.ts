/** One word for one thing: the names of settings, stages, marks and fields on screen. docs/glossary.md explains them. */
import type { DisplayKey, DisplayProfile, Line, SettingKey, WhoSets } from "@/core/display";
import type { Stroke, StrokeRun } from "@/core/keys";
import type { CheckId } from "@/core/proof";
import type { Stage } from "@/core/record";
import type { IntakeKey, Mark } from "@/core/setup";
import { plain, secondsOf } from "./speak";

export const SETTING_NAMES: Readonly<Record<SettingKey, string>> = {
  throttleMode: "Throttle",
  throttleFromStandstill: "Standstill throttle",
  startPulses: "Start after",
  startStrengthShare: "Start strength",
  walkAssistOn: "Walk assist",
  currentLimitA: "Current limit",
  cutOffV: "Cut-off",
  nominalV: "Pack volts",
  circumferenceMm: "Wheel",
  pulsesPerTurn: "Pulses per turn",
  assistCapKmh: "Speed cap",
  assistLevels: "Assist levels",
  levelAtPowerOn: "Level at power-on",
  speedUnit: "Speed unit",
  autoOffMin: "Auto-off",
  batteryReadout: "Battery read-out",
};

export const lineName = (line: Line): string => {
  if (line.encoding.setting) return SETTING_NAMES[line.encoding.setting];
  return line.encoding.kind === "read-only" ? "Read only" : "Reserved";
};

/** A raw value's meaning in words, where the number the display shows does not say it. */
export function valueMeaning(line: Line, means: number | string | boolean | null): string | null {
  const { setting } = line.encoding;
  if (means === null || setting === null) return null;
  switch (setting) {
    case "throttleMode":
      return means === "full" ? "always full" : means === "follows-level" ? "follows level" : "off";
    case "throttleFromStandstill":
      return means === true ? "pulls" : "rolling start";
    case "startPulses":
      return `${means} pulses`;
    case "startStrengthShare":
      return typeof means === "number" ? `${plain(means * 100, 0)} %` : null;
    case "walkAssistOn":
      return means === true ? "on" : "off";
    case "currentLimitA":
      return `${means} A`;
    case "cutOffV":
    case "nominalV":
      return `${means} V`;
    case "circumferenceMm":
      return typeof means === "number" ? `${plain(means, 0)} mm` : null;
    case "pulsesPerTurn":
      return null;
    case "assistCapKmh":
      return means === "uncapped" ? "no cap" : typeof means === "number" ? `${plain(means)} km/h` : null;
    case "assistLevels":
      return `${means} levels`;
    case "levelAtPowerOn":
      return means === "last-used" ? "last used" : `level ${means}`;
    case "speedUnit":
      return means === "mph" ? "mph" : "km/h";
    case "autoOffMin":
      return means === 0 ? "never" : `${means} min`;
    case "batteryReadout":
      return means === "volts" ? "volts" : "per cent";
  }
}

export const WHO_SETS: Readonly<Record<WhoSets, string>> = { owner: "the owner", technician: "the technician", maker: "the maker only" };

export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  intake: "Intake",
  "as-found": "As found",
  plan: "Plan",
  program: "Program",
  prove: "Prove",
  "hand-over": "Hand over",
};

export const MARK_NAMES: Readonly<Record<Mark, string>> = { same: "same", odd: "odd", caution: "caution", breach: "breach", unknown: "unknown", "left-alone": "left alone" };

interface FieldWords {
  readonly label: string;
  readonly hint?: string;
  readonly options?: Readonly<Record<string, string>>;
}

const YES_NO = { yes: "Yes", no: "No" } as const;

export const INTAKE_WORDS: Readonly<Record<IntakeKey, FieldWords>> = {
  nickname: { label: "Nickname", hint: "What you call the bike. No names of people." },
  frame: { label: "Bike", hint: "20-inch folder, 700C tourer, 27.5 cargo" },
  visit: { label: "Why it is here", options: { "brand-new": "Brand-new kit", conversion: "Conversion", service: "Service", complaint: "Complaint", swap: "Display swap", upgrade: "Upgrade" } },
  complaint: { label: "What the rider says", hint: "In the rider’s words." },
  rider: { label: "Rider", options: { novice: "New to it", "used-to-it": "Used to it" } },
  tyre: { label: "Tyre, as on the sidewall", hint: "ISO designation: 50-559" },
  rolloutMm: { label: "Rollout, all turns", hint: "Valve down, rider on, roll straight." },
  rolloutTurns: { label: "Turns rolled" },
  tapeErrorMm: { label: "Tape may be off by" },
  motorKind: { label: "Motor", options: { "geared-hub": "Geared hub", "direct-drive-hub": "Direct-drive hub", "mid-drive": "Mid-drive" } },
  motorRatedW: { label: "Motor rating", hint: "Continuous watts, from its plate." },
  pickUp: { label: "Speed picked up", options: { "spoke-magnet": "Magnet on a spoke", "inside-motor": "Inside the motor" } },
  pulsesPerTurn: { label: "Pulses per wheel turn", hint: "Count the spoke magnets." },
  crankPulses: { label: "Crank sensor pulses", hint: "Per crank turn; a double sensor counts twice." },
  throttleFitted: { label: "Throttle fitted", options: YES_NO },
  brakeCutOff: { label: "Brake cut-off levers", options: YES_NO },
  packV: { label: "Pack, nominal" },
  chemistry: { label: "Cells", options: { nmc: "NMC", lfp: "LFP" } },
  packAh: { label: "Pack charge" },
  bmsA: { label: "BMS, continuous" },
  controllerA: { label: "Controller" },
  controllerV: { label: "Controller takes", hint: "Volts on its label: 36/48" },
};

export const CHECK_WORDS: Readonly<Record<CheckId, { readonly title: string; readonly how: string }>> = {
  "brake-cut-off": { title: "Brake cut-off", how: "Spin the wheel under power. Pull each lever. The motor must stop at once." },
  "spin-speed": { title: "Speed shown, wheel off the floor", how: "The speed must climb smoothly and not jump." },
  levels: { title: "Every level", how: "Step through all levels. Each must pull at least as hard as the one before." },
  throttle: { title: "Throttle does what the sheet says", how: "Off stays dead. Follows level is weaker at level 1. A rolling start does nothing at standstill." },
  "throttle-release": { title: "Throttle release", how: "Let go. The motor must stop at once, not push on." },
  "walk-assist": { title: "Walk assist", how: "Hold it with the wheel up, then on the floor. Read the speed." },
  "crawl-and-turn": { title: "Crawl and turn", how: "Ride at walking pace and turn tightly. It must not surge." },
  "speedometer-run": { title: "Speedometer against GPS", how: "Hold a steady true 20 km/h for ten seconds, both ways. Write down what the display shows." },
  "top-speed-run": { title: "Top assisted speed", how: "On the flat, pedal up through the cap. Write down the true speed where help ends." },
};

export const keyOf = (profile: DisplayProfile, id: string): DisplayKey | null => profile.keys.find((key) => key.id === id) ?? null;

/** "Lamp + Plus", as said aloud. */
export const keyNames = (profile: DisplayProfile, keys: readonly string[]): string => keys.map((id) => keyOf(profile, id)?.name ?? id).join(" + ");

/** What to do with the keys of a stroke: "3 taps", "hold 1.8 s". */
export function strokeWords(stroke: Stroke, times: number, ends: string | null): string {
  switch (stroke.kind) {
    case "tap":
      return times === 1 ? "1 tap" : `${times} taps`;
    case "hold":
      return `hold ${secondsOf(stroke.holdMs)} s`;
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
  const result = last?.kind === "line" && run.stroke.kind === "tap" ? (stays && run.count > 0 ? ` (line ${last.code} shows ${last.shows})` : ` to line ${last.code}`) : "";
  return `${keyNames(profile, run.stroke.keys)} ${strokeWords(run.stroke, run.count, shown)}${result}`;
}
