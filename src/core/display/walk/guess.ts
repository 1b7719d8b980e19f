/**
 * What a line may mean, going by what it shows and by nothing else: which values, how many, how far. Common practice,
 * no source. A guess stays one until somebody says so; below the limit, or where two lines could mean the same, there
 * is none.
 */
import { seenAs } from "../meaning";
import type { Claim, DisplayProfile, Line } from "../profile";
import { rawValues, shows } from "../encoding";
import type { SettingKey } from "../settings";
import { shownNumber } from "./values";

/** A guess less likely than this is none, 0 to 1. */
export const LEAST_LIKELY = 0.5;

export interface Guess {
  readonly setting: SettingKey;
  /** 0 to 1; never so sure that a plan would rest on it. */
  readonly confidence: number;
}

interface Shape {
  readonly texts: readonly string[];
  readonly numbers: readonly number[];
  /** All of them numbers. */
  readonly plain: boolean;
  readonly first: number;
  readonly last: number;
  readonly decimals: boolean;
}

const PACKS = ["24", "36", "44", "48", "52", "60", "72"];
const WHEELS = ["12", "14", "16", "18", "20", "22", "24", "26", "27", "27.5", "28", "29", "700"];
const LEVELS = ["3", "5", "9"];

const within = (value: number, least: number, most: number): boolean => value >= least && value <= most;

const all = (texts: readonly string[], known: readonly string[], least: number): boolean =>
  texts.length >= least && texts.every((text) => known.includes(text));

/** Each kind of showing that says much by itself. */
const SHAPES: readonly { readonly guess: Guess; readonly fits: (shape: Shape) => boolean }[] = [
  {
    guess: { setting: "nominalV", confidence: 0.65 },
    fits: ({ texts }) => all(texts, PACKS, 2) && !all(texts, WHEELS, 2),
  },
  { guess: { setting: "circumferenceMm", confidence: 0.65 }, fits: ({ texts }) => all(texts, WHEELS, 4) },
  {
    guess: { setting: "circumferenceMm", confidence: 0.65 },
    fits: ({ plain, first, last }) => plain && within(first, 900, 2100) && within(last, 2101, 3200),
  },
  { guess: { setting: "assistLevels", confidence: 0.65 }, fits: ({ texts }) => texts.join() === LEVELS.join() },
  {
    guess: { setting: "speedUnit", confidence: 0.65 },
    fits: ({ texts }) => texts.join("|").toLowerCase() === "km/h|mph",
  },
  {
    guess: { setting: "cutOffV", confidence: 0.5 },
    fits: ({ plain, decimals, first, last }) => plain && decimals && within(first, 18, 45) && within(last, 30, 66),
  },
  {
    guess: { setting: "assistCapKmh", confidence: 0.5 },
    fits: ({ numbers, decimals, first, last }) =>
      !decimals && numbers.length > 20 && within(first, 8, 15) && within(last, 35, 75),
  },
];

/** What a line seen from end to end most likely means, or null. */
export function guessOf({ encoding }: Pick<Line, "encoding">): Guess | null {
  if (encoding.kind !== "reserved") return null;
  const texts = rawValues(encoding).map((raw) => shows(encoding, raw));
  const numbers = texts.map(shownNumber).filter((number) => !Number.isNaN(number));
  const shape: Shape = {
    texts,
    numbers,
    plain: numbers.length === texts.length,
    first: numbers[0] ?? NaN,
    last: numbers.at(-1) ?? NaN,
    decimals: numbers.some((number) => !Number.isInteger(number)),
  };
  return SHAPES.find(({ fits }) => fits(shape))?.guess ?? null;
}

/** A description with what its unread lines most likely mean, each told as a guess; the day is that of the look. */
export function withGuesses(profile: DisplayProfile, on: string): DisplayProfile {
  const guesses = profile.lines.map(guessOf);
  const alone = (setting: SettingKey): boolean =>
    guesses.filter((guess) => guess?.setting === setting).length === 1 &&
    !profile.lines.some(({ encoding }) => encoding.setting === setting);
  const lines = profile.lines.map((line, i): Line => {
    const guess = guesses[i];
    if (!guess || guess.confidence < LEAST_LIKELY || !alone(guess.setting) || line.encoding.kind !== "reserved")
      return line;
    const encoding = seenAs(line.encoding, guess.setting);
    if (!encoding) return line;
    const claim: Claim = {
      from: "seen-here",
      on,
      confidence: guess.confidence,
      says: "Guessed from the values it shows.",
      setting: guess.setting,
      chosen: false,
    };
    return { ...line, encoding, claims: [claim] };
  });
  return { ...profile, lines };
}
