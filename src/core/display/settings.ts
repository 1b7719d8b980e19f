/**
 * Canonical settings: what a display's line can mean, said once for all displays. A line is an encoding of one of these.
 * Safe directions and who sets what: common practice, no source.
 */
import type { ThrottleMode } from "../law";
import type { SafeDirection, SpeedUnit } from "../units";

/** Value type of each setting. Names carry the unit. */
export interface Settings {
  throttleMode: ThrottleMode;
  throttleFromStandstill: boolean;
  startPulses: number;
  /** Share of full start strength, 0–1; 1 is the hardest start. */
  startStrengthShare: number;
  walkAssistOn: boolean;
  currentLimitA: number;
  cutOffV: number;
  nominalV: number;
  circumferenceMm: number;
  pulsesPerTurn: number;
  /** Cap as the display holds it, compared in whatever way the line's basis says; "uncapped" where it has none. */
  assistCapKmh: number | "uncapped";
  assistLevels: number;
  levelAtPowerOn: number | "last-used";
  speedUnit: SpeedUnit;
  /** Minutes to auto-off; 0 is never. */
  autoOffMin: number;
  batteryReadout: "percent" | "volts";
}

export type SettingKey = keyof Settings;
export type SettingValue = Settings[SettingKey];
/** Any part of a canonical setup. */
export type Setup = { readonly [K in SettingKey]?: Settings[K] };

export type WhoSets = "owner" | "technician" | "maker";
export type SettingGroup = "throttle" | "assist" | "battery" | "wheel-and-speed" | "screen";
export type SettingUnit = "km/h" | "A" | "V" | "mm" | "pulses" | "levels" | "min" | "share" | null;
export type Hazard = "bike-moves" | "battery-fire" | "overheating" | "over-speed";

export interface SettingDefinition {
  readonly group: SettingGroup;
  readonly unit: SettingUnit;
  /** Side to round to when a line cannot hold the value; null where values do not lie on a scale. */
  readonly safeDirection: SafeDirection | null;
  readonly setBy: WhoSets;
  /** What a wrong value can hurt. */
  readonly hazards: readonly Hazard[];
  readonly mattersInLaw: boolean;
}

export const SETTINGS: { readonly [K in SettingKey]: SettingDefinition } = {
  throttleMode: { group: "throttle", unit: null, safeDirection: null, setBy: "technician", hazards: ["bike-moves"], mattersInLaw: true },
  throttleFromStandstill: { group: "throttle", unit: null, safeDirection: null, setBy: "technician", hazards: ["bike-moves"], mattersInLaw: false },
  startPulses: { group: "assist", unit: "pulses", safeDirection: "up", setBy: "technician", hazards: ["bike-moves"], mattersInLaw: false },
  startStrengthShare: { group: "assist", unit: "share", safeDirection: "down", setBy: "technician", hazards: ["bike-moves"], mattersInLaw: false },
  walkAssistOn: { group: "assist", unit: null, safeDirection: null, setBy: "owner", hazards: ["bike-moves"], mattersInLaw: true },
  currentLimitA: { group: "battery", unit: "A", safeDirection: "down", setBy: "technician", hazards: ["overheating", "battery-fire"], mattersInLaw: false },
  cutOffV: { group: "battery", unit: "V", safeDirection: "up", setBy: "technician", hazards: ["battery-fire"], mattersInLaw: false },
  nominalV: { group: "battery", unit: "V", safeDirection: null, setBy: "technician", hazards: ["battery-fire"], mattersInLaw: false },
  circumferenceMm: { group: "wheel-and-speed", unit: "mm", safeDirection: "up", setBy: "technician", hazards: ["over-speed"], mattersInLaw: true },
  pulsesPerTurn: { group: "wheel-and-speed", unit: "pulses", safeDirection: "down", setBy: "maker", hazards: ["over-speed"], mattersInLaw: true },
  assistCapKmh: { group: "wheel-and-speed", unit: "km/h", safeDirection: "down", setBy: "technician", hazards: ["over-speed"], mattersInLaw: true },
  assistLevels: { group: "assist", unit: "levels", safeDirection: null, setBy: "owner", hazards: [], mattersInLaw: false },
  levelAtPowerOn: { group: "assist", unit: null, safeDirection: null, setBy: "owner", hazards: ["bike-moves"], mattersInLaw: false },
  speedUnit: { group: "screen", unit: null, safeDirection: null, setBy: "owner", hazards: [], mattersInLaw: false },
  autoOffMin: { group: "screen", unit: "min", safeDirection: null, setBy: "owner", hazards: [], mattersInLaw: false },
  batteryReadout: { group: "screen", unit: null, safeDirection: null, setBy: "owner", hazards: [], mattersInLaw: false },
};
