/** Fifth stage: what a line cannot mean, by its units, its numbers and its options; and what is left, best first. */
import { typedNumber } from "../../units/typedNumber";
import { inDomain, SETTING_KEYS, SETTINGS, type SettingKey, type SettingUnit } from "../settings";
import { arePackVolts, areWheels, evidenceOf, toldByOptions, type Evidence } from "./evidence";
import type { Meaning } from "./lexicon";
import { meaningsOf } from "./optionMeanings";
import type { Dimension } from "./dimensions";
import type { Tokens } from "./tokens";

export interface Candidate {
  readonly meaning: Meaning;
  /** From 0; 1 and more leaves hardly a doubt. */
  readonly score: number;
  /** Words of the text it rests on. */
  readonly because: readonly string[];
  /** Whether words that stand before these speak for another meaning: two lines may have run together. */
  readonly isContested: boolean;
}

const SETTING_SET: ReadonlySet<string> = new Set(SETTING_KEYS);
export const isSetting = (meaning: Meaning): meaning is SettingKey => SETTING_SET.has(meaning);

const DIMENSIONS_OF: Readonly<Record<Exclude<SettingUnit, null>, readonly Dimension[]>> = {
  "km/h": ["speed"],
  A: ["amps"],
  V: ["volts"],
  mm: ["millimetres", "inches"],
  min: ["minutes", "hours"],
  s: ["seconds"],
  share: ["share"],
  percent: ["share"],
  pulses: [],
  levels: [],
};
/** Units nothing without a unit is told in. */
const NEVER_PLAIN: readonly Dimension[] = [
  "speed",
  "volts",
  "amps",
  "millimetres",
  "minutes",
  "seconds",
  "watts",
  "degrees",
];
/** Settings held as a share, which only a percentage tells apart from an amount; and those amounts. */
const SHARES: ReadonlySet<SettingKey> = new Set(["currentShare", "capPowerShare"]);
const AMOUNTS: ReadonlySet<SettingKey> = new Set(["currentLimitA", "assistCapKmh"]);

/** How far what a line can show agrees with a setting: 0 it cannot be it, 1 nothing speaks against it, more for it. */
export function agreement(setting: SettingKey, tokens: Tokens): number {
  const { domain, unit } = SETTINGS[setting];
  const { dimensions, span, options, listed } = tokens;
  if (domain.kind !== "number") {
    if (options.length >= 2) return meaningsOf(setting, options) ? 1.15 : 0.55;
    return span && span.max - span.min > 4 ? 0.4 : dimensions.size > 0 && !span ? 0.8 : 0.9;
  }
  const allowed = unit === null ? [] : DIMENSIONS_OF[unit];
  const told = [...dimensions];
  const isForeign =
    unit === null
      ? told.some((each) => NEVER_PLAIN.includes(each))
      : told.length > 0 && !told.some((each) => allowed.includes(each));
  if (isForeign) return 0.08;
  if ((unit === "pulses" || unit === "levels") && span && span.decimals > 0) return 0.1;
  if (SHARES.has(setting) && (!dimensions.has("share") || (span !== null && span.max > 100))) return 0.2;
  if (AMOUNTS.has(setting) && dimensions.has("share")) return 0.1;
  // A pack has one of a few nominal volts, not all between two.
  if (setting === "nominalV" && !arePackVolts(tokens)) return 0.35;
  if (setting !== "circumferenceMm" && areWheels(tokens)) return 0.4;
  // Told in two units at once, it may be two lines run together.
  if (allowed.length > 0 && told.some((each) => !allowed.includes(each))) return 0.5;
  const fits = told.some((each) => allowed.includes(each)) ? 1.12 : 1;
  return fits * plausibility(setting, span ? [span.min, span.max] : listed.map(typedNumber));
}

/** Numbers outside all a setting can be stand on another scale, or for another thing. */
function plausibility(setting: SettingKey, ends: readonly number[]): number {
  if (ends.length === 0) return 0.95;
  if (setting === "circumferenceMm")
    return ends.every((each) => (each >= 4 && each <= 50) || (each >= 400 && each <= 3200)) ? 1.05 : 0.3;
  const most = Math.max(...ends);
  if (setting === "assistCapKmh" || setting === "throttleCapKmh") return most <= 5 ? 0.6 : most > 150 ? 0.3 : 1;
  if (SETTINGS[setting].unit === "share") return 1;
  return ends.every((each) => inDomain(setting, each)) ? 1 : 0.6;
}

/** What those that are none of ours are told in. */
const FOREIGN_DIMENSIONS: Partial<Readonly<Record<Meaning, readonly Dimension[]>>> = {
  "over-voltage": ["volts"],
  "phase-current": ["amps"],
  "light-time": ["seconds", "minutes"],
  "level-speed-cap": ["speed"],
  "temperature-limit": ["degrees"],
  "power-limit": ["watts", "share"],
};

function foreignAgreement(meaning: Meaning, { dimensions }: Tokens): number {
  const allowed = FOREIGN_DIMENSIONS[meaning];
  if (!allowed || dimensions.size === 0) return 1;
  return [...dimensions].some((each) => allowed.includes(each)) ? 1.15 : 0.4;
}

/** Below this nothing is worth offering. */
const LEAST = 0.12;
/** So clear a word has to be to contest what stands after it. */
const CLEAR = 0.8;

interface Weighed extends Evidence {
  readonly fits: number;
}

const scoreOf = ({ strength, against, fits }: Weighed): number => strength * (1 - against) * fits;

/** Everything a line may mean, best first. */
export function candidatesOf(tokens: Tokens, under: string): readonly Candidate[] {
  const weighed = evidenceOf(tokens, under).map((each): Weighed => ({
    ...each,
    fits: isSetting(each.meaning) ? agreement(each.meaning, tokens) : foreignAgreement(each.meaning, tokens),
  }));
  const others = toldByOptions(tokens);
  const clear = weighed.filter(({ strength, against }) => strength * (1 - against) >= CLEAR);
  return weighed
    .map((each): Candidate => ({
      meaning: each.meaning,
      score: scoreOf(each),
      because: each.because,
      isContested:
        clear.some((other) => other.at < each.at && !each.because.some((word) => other.because.includes(word))) ||
        (others.length > 0 && !others.some((setting) => setting === each.meaning)),
    }))
    .filter(({ score }) => score > LEAST)
    .sort((a, b) => b.score - a.score);
}
