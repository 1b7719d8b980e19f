/** Fourth stage: what a line's words, its unit and its list of values speak for, before anything is vetoed. */
import { typedNumber } from "../../units/typedNumber";
import type { SettingKey } from "../settings";
import { LEXICON, type Meaning } from "./lexicon";
import { folded } from "./normalise";
import { meaningsOf } from "./optionMeanings";
import type { Dimension } from "./dimensions";
import type { Tokens } from "./tokens";

/** What speaks for a meaning and against it, each 0 to 1. */
export interface Evidence {
  readonly meaning: Meaning;
  readonly strength: number;
  readonly against: number;
  /** Words of the text it rests on. */
  readonly because: readonly string[];
  /** Where the first of them stands; behind everything where it rests on no word. */
  readonly at: number;
}

/** Words after the values speak less clearly than the name before them. */
const BEHIND = 0.65;
/** How much a second phrase adds to what a first one leaves open. */
const SECOND = 0.15;

/** Two phrases that say the same are little more than one; two kinds of evidence are more. */
const together = (a: number, b: number, share: number): number =>
  Math.max(a, b) + share * Math.min(a, b) * (1 - Math.max(a, b));

/** What stands further on is talk, and no longer what a line is called by. */
const MOST_SIGNS = 300;

function byWords(tokens: Tokens): readonly Evidence[] {
  const [name, whole] = [tokens.name.slice(0, MOST_SIGNS), tokens.whole.slice(0, MOST_SIGNS)];
  return LEXICON.flatMap(({ meaning, any, terms }): Evidence[] => {
    if (!any.test(whole)) return [];
    let [strength, against, at] = [0, 0, Infinity];
    const because: string[] = [];
    for (const { weight, phrase } of terms) {
      const inName = phrase.exec(name);
      const match = inName ?? (weight > 0 ? phrase.exec(whole) : null);
      if (!match) continue;
      if (weight < 0) against = Math.max(against, -weight);
      else {
        strength = together(strength, weight * (inName ? 1 : BEHIND), SECOND);
        because.push(match[0].trim());
        at = Math.min(at, match.index);
      }
    }
    return strength > 0 ? [{ meaning, strength, against, because, at }] : [];
  });
}

/** What one thing is called by when its unit shows that another is meant: "walk assist, 3 to 6 km/h" is its speed. */
const KIN: readonly (readonly [from: Meaning, to: SettingKey, unit: Dimension])[] = [
  ["walkAssistOn", "walkAssistKmh", "speed"],
  ["throttleMode", "throttleCapKmh", "speed"],
  ["assistCapKmh", "capPowerShare", "share"],
  ["currentLimitA", "currentShare", "share"],
];
/** What a unit alone speaks for, faintly: enough for a guess where no word says more. */
const BY_UNIT: readonly (readonly [Dimension, SettingKey, number])[] = [
  ["amps", "currentLimitA", 0.5],
  ["inches", "circumferenceMm", 0.5],
  ["millimetres", "circumferenceMm", 0.5],
  ["minutes", "autoOffMin", 0.45],
  ["speed", "assistCapKmh", 0.45],
];
/** Nominal volts of packs: a list of these and nothing else is the battery. Common practice, no source. */
const PACK_VOLTS: ReadonlySet<number> = new Set([24, 36, 43, 48, 52, 60, 72]);
/** What a list that can hardly be anything else speaks for. */
const BY_LIST = 0.6;

/** Nominal inches of wheels: common practice, no source. */
const WHEEL_INCHES: ReadonlySet<number> = new Set([12, 14, 16, 18, 20, 22, 24, 26, 27, 27.5, 28, 29, 700]);
const FEWEST_WHEELS = 3;

/** Whether the values told are a list of wheels and can hardly be anything else. */
export const areWheels = ({ span, listed, options }: Tokens): boolean =>
  span === null &&
  options.length === 0 &&
  listed.length >= FEWEST_WHEELS &&
  listed.every((each) => WHEEL_INCHES.has(typedNumber(each)));

/** Whether no value told is other than the nominal volts of a pack. */
export const arePackVolts = ({ span, listed, options }: Tokens): boolean =>
  span === null && options.length === 0 && listed.every((each) => PACK_VOLTS.has(typedNumber(each)));

function byUnits(words: readonly Evidence[], tokens: Tokens): readonly Evidence[] {
  const { dimensions, span, listed } = tokens;
  const plain = (meaning: SettingKey, strength: number): Evidence => ({
    meaning,
    strength,
    against: 0,
    because: [],
    at: Infinity,
  });
  if (listed.length >= 2 && arePackVolts(tokens)) return [plain("nominalV", BY_LIST)];
  if (areWheels(tokens)) return [plain("circumferenceMm", BY_LIST)];
  if (!span) return [];
  const kin = KIN.flatMap(([from, to, unit]): Evidence[] => {
    const told = words.find(({ meaning }) => meaning === from);
    return told && dimensions.has(unit)
      ? [{ ...told, meaning: to, strength: told.strength * (1 - told.against), against: 0 }]
      : [];
  });
  return [
    ...kin,
    ...BY_UNIT.flatMap(([dimension, setting, strength]) =>
      dimensions.has(dimension) ? [plain(setting, strength)] : [],
    ),
  ];
}

const LEVEL = /\b(?:levels?|gears?|pas|assist|stufe|niveau|nivel|livello|stand)\s*([1-9])\b/;
const OF_POWER = /power|strength|ratio|share|percent|%|leistung|puissance|potencia|potenza|kracht/;
const OF_SPEED = /speed|tempo|geschw|vitesse|velocid|velocit|snelheid/;

/** "Level 3: 20 - 99" under a heading that tells of power: the share of that level. */
function ofLevel({ name, whole, dimensions }: Tokens, under: string): readonly Evidence[] {
  const match = LEVEL.exec(name);
  const tells = dimensions.has("share") || OF_POWER.test(folded(under)) || OF_POWER.test(whole);
  if (!match || !tells || OF_SPEED.test(whole)) return [];
  return [
    {
      meaning: `share${match[1] ?? ""}` as SettingKey,
      strength: 0.9,
      against: 0,
      because: [match[0]],
      at: match.index,
    },
  ];
}

/** Settings whose options say by themselves what is set: nothing else is chosen between kilometres and miles. */
const TOLD_BY_OPTIONS: readonly SettingKey[] = [
  "speedUnit",
  "temperatureUnit",
  "crankDirection",
  "driveMode",
  "waveForm",
  "packChemistry",
];
const BY_OPTIONS = 0.6;

/** Settings that nothing but the options told would fit. */
export const toldByOptions = ({ options }: Tokens): readonly SettingKey[] =>
  options.length < 2 ? [] : TOLD_BY_OPTIONS.filter((setting) => meaningsOf(setting, options) !== null);

const byOptions = (tokens: Tokens): readonly Evidence[] =>
  toldByOptions(tokens).map((meaning) => ({ meaning, strength: BY_OPTIONS, against: 0, because: [], at: Infinity }));

/** Everything a line speaks for, each meaning once. */
export function evidenceOf(tokens: Tokens, under: string): readonly Evidence[] {
  const words = byWords(tokens);
  const found = new Map<Meaning, Evidence>();
  for (const each of [...ofLevel(tokens, under), ...words, ...byOptions(tokens), ...byUnits(words, tokens)]) {
    const before = found.get(each.meaning);
    found.set(
      each.meaning,
      before
        ? {
            ...before,
            strength: 1 - (1 - before.strength) * (1 - 0.4 * each.strength),
            because: [...new Set([...before.because, ...each.because])],
            at: Math.min(before.at, each.at),
          }
        : each,
    );
  }
  return [...found.values()];
}
