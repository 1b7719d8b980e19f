/** Values of settings in words, and who sets them. */
import {
  SETTINGS,
  type Decoded,
  type SettingKey,
  type SettingUnit,
  type SettingValue,
  type WhoSets,
} from "@/core/display";
import { CHEMISTRY_NAMES } from "./chemistries";
import { MOTOR_NAMES } from "./motors";
import { SETTING_NAMES } from "./settings";
import { count, plain } from "./speak";

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

/** A display that writes in words says itself what it means. */
const SAYS_IT = /[a-z]{4}|[a-z] [a-z]/i;

/**
 * What a display shows with what it stands for: "15.0 A" where only the unit is missing, "28 (2234 mm)" where the
 * number says something else.
 */
export function shownWith(shows: string, meaning: string | null): string {
  if (meaning === null || meaning === shows || SAYS_IT.test(shows)) return shows;
  const [figure, ...unit] = meaning.split(" ");
  return unit.length > 0 && shows !== "" && Number(figure) === Number(shows)
    ? `${shows} ${unit.join(" ")}`
    : `${shows} (${meaning})`;
}

export const WHO_SETS: Readonly<Record<WhoSets, string>> = {
  owner: "the owner",
  technician: "the technician",
  maker: "the maker only",
};
