/**
 * Third stage: what a line can show, before anybody asks what it means. Ranges, lists, options, units, maker's value,
 * a value that stands for none.
 */
import { typedDecimals, typedNumber } from "../../units/typedNumber";
import { anyOf } from "./grammar";
import { folded } from "./normalise";

/** What a number is of. */
export type Dimension =
  | "speed"
  | "volts"
  | "amps"
  | "millimetres"
  | "inches"
  | "minutes"
  | "seconds"
  | "share"
  | "watts"
  | "degrees"
  | "hours";

export interface Span {
  readonly min: number;
  readonly max: number;
  /** Null where the text states none. */
  readonly step: number | null;
  readonly decimals: number;
}

export interface Option {
  readonly raw: number;
  /** What it shows: its number, or the word itself where the menu shows words. */
  readonly shows: string;
  readonly text: string;
}

export interface Tokens {
  /** Small letters without marks: what stands before the values, and all of it. */
  readonly name: string;
  readonly whole: string;
  readonly span: Span | null;
  readonly listed: readonly string[];
  readonly options: readonly Option[];
  /** A value that stands for none: "0 = never". */
  readonly noneAt: number | null;
  /** The maker's value as the text states it. */
  readonly stated: string | null;
  readonly dimensions: ReadonlySet<Dimension>;
  readonly inMiles: boolean;
  readonly readOnly: boolean;
  readonly noEffect: boolean;
  /** Numbers that belong to nothing understood: while there are any, no value of the line is sure. */
  readonly unread: readonly string[];
  /** Whether one of them is told to be what somebody's own display stands at. */
  readonly isOwn: boolean;
  /** Whether it ends where something had to follow. */
  readonly isCutOff: boolean;
  /** Whether whoever wrote it says that he does not know. */
  readonly noIdea: boolean;
}

const N = String.raw`-?\d{1,4}(?:\.\d+)?`;
const UNIT = String.raw`(?:km\/?[hu]|kmh|kph|mph|v(?:olts?)?|a(?:mp(?:ere)?s?)?|mm|inch(?:es)?|in|zoll|pouces?|pulgadas|pollici|"|min(?:ut\w*)?|s(?:ec\w*)?|sek\w*|%|w|°?c|h)?`;

const DIMENSIONS: readonly (readonly [Dimension, RegExp])[] = [
  [
    "speed",
    /\bkilomet\w+ (?:per|pro|par|por|all|a la|l|an|pe)\W? ?(?:hour|stunde|heure|hora|ora|uur)|\d\s*(?:km\/?[hu]|kmh|kph|mph)\b|\bkm\/[hu]\b|\b(?:mph|kmh|kph)\b/,
  ],
  ["volts", /\d\s*v(?:olts?)?\b|\bvolts?\b|\bin v\b/],
  ["amps", /\d\s*a(?:mp(?:ere)?s?)?\b(?!\s*\d)|\bamps?\b|\bampere\w*\b/],
  ["millimetres", /\d\s*mm\b|\bmm\b|millimet/],
  [
    "inches",
    /\d\s*(?:inch(?:es)?|in|zoll|pouces?|pulgadas|pollici)\b|\d\s*"|\b(?:inch(?:es)?|zoll|pouces?|pulgadas|pollici)\b/,
  ],
  ["minutes", /\d\s*min(?:ut\w*)?\b|\bmin(?:utes?|uten|utos|uti|uut)\b|\bmins?\b/],
  ["seconds", /\d\s*(?:s|sec\w*|sek\w*|ms)\b|\bse[ck](?:onds?|unden|ondes|undos|ondi|onden)\b/],
  ["share", /%|\bpercent\b|\bprozent\b|\bpour ?cent\b|\bpor ciento\b|\bper cento\b|\bprocent\b/],
  ["watts", /\d\s*w(?:atts?)?\b|\bwatts?\b/],
  ["degrees", /\d\s*°|°\s?[cf]\b|\d\s*c\b|\bgra(?:d|dos|di|den)\b|\bcelsius\b|\bdegrees? c/],
  ["hours", /\d\s*h\b|\bhours?\b/],
];

/** Text a stage has understood, blanked so that the next does not read it again. */
const without = (text: string, ...spans: readonly (readonly [number, number])[]): string =>
  spans.reduce((now, [from, to]) => now.slice(0, from) + " ".repeat(to - from) + now.slice(to), text);

interface Found<Value> {
  readonly value: Value;
  readonly at: readonly [number, number];
}

const AT = String.raw`(?:\s*(?:value|setting|is|are|ist|est|es|e|at|to|on|auf|bei|sur|en|su|op|set)(?![\p{L}]))*\s*[:=]?\s*`;
const DEFAULT_BEFORE = new RegExp(
  String.raw`[([]?\s*(?<![\p{L}])(?:${anyOf("defaultBefore")})(?![\p{L}])${AT}(${N}|[\p{L}/]{2,12}(?:\/h)?)\s*${UNIT}(?![\p{L}])\s*[)\]]?`,
  "u",
);
const DEFAULT_AFTER = new RegExp(
  String.raw`[([]?\s*(?<![\w.])(${N}|on|off|ein|aus)\s*${UNIT}\s*(?:${anyOf("defaultAfter")})(?![\p{L}])\s*[)\]]?`,
  "u",
);
/** "(3)" or "[3]" at the end. */
const IN_BRACKETS = new RegExp(
  String.raw`[([]\s*(?:d(?:ef)?\.?\s*[:=]?)?\s*(${N})\s*${UNIT}\s*[)\]]\s*[.;,]?\s*$`,
  "u",
);

function statedIn(flat: string, text: string): Found<string> | null {
  return foundBy(DEFAULT_BEFORE.exec(flat) ?? DEFAULT_AFTER.exec(flat), text);
}

function foundBy(match: RegExpExecArray | null, text: string): Found<string> | null {
  if (!match) return null;
  const [whole, value = ""] = match;
  const from = match.index + whole.indexOf(value);
  return { value: text.slice(from, from + value.length), at: [match.index, match.index + whole.length] };
}

const NONE_AT = new RegExp(
  String.raw`(?<![\w.])(\d{1,3})\s*${UNIT}\s*(?:=|:|,|-)?\s*(?:(?:${anyOf("stands")})\s+)?(?:${anyOf("none")})(?![\p{L}])[\p{L} ]*`,
  "u",
);

function noneIn(flat: string): Found<number> | null {
  const match = NONE_AT.exec(flat);
  return match ? { value: Number(match[1]), at: [match.index, match.index + match[0].length] } : null;
}

// ── options ─────────────────────────────────────────────────────────────────────────────────────────────────────────

const MARK = String.raw`\s*(?:=>|->|=|:|-(?=\s*[\p{L}])|(?:${anyOf("stands")})(?![\p{L}]))\s*`;
const NEXT = String.raw`(?=\s*(?:[,;|)]|\(\s*\d+\s*\)|\/\s*\d|\.(?:\s|$)|$|\s(?:${anyOf("or")})\s+\d{1,2}\b|\s\d{1,2}${MARK}))`;
const MARKED = new RegExp(String.raw`(?<![\w.-])(\d{1,2})${MARK}((?:[^,;|)(]|\((?!\s*\d+\s*\)))*?)${NEXT}`, "gu");
const UNMARKED = new RegExp(
  String.raw`(?<![\w.-])(\d{1,2})\s+([\p{L}%][^,;|()\d]*?(?:km\/h|\d\s?(?=v)v?)?[^,;|()\d]*?)(?=\s*(?:[,;|)]|\/(?![hu]\b)|\s\d{1,2}\s|$|\.)|\s{2,})`,
  "gu",
);
/** "OFF=0 ON=1", "km/h = 0, mph = 1". */
const WORD_EQUALS = /(?<![\p{L}\d])([\p{L}/]{1,14})\s*=\s*(\d{1,2})(?![\d.])/gu;
/** "km/h (0) and mph (1)". */
const BRACKETED = /([\p{L}/%][\p{L}/% ]{0,24}?)\s*\(\s*(\d)\s*\)/gu;

/** Up or down, each once. */
const isRun = (raws: readonly number[]): boolean => {
  const rises = raws.slice(1).map((raw, i) => raw > (raws[i] ?? 0));
  return new Set(raws).size === raws.length && new Set(rises).size <= 1;
};
const countsUp = (raws: readonly number[]): boolean =>
  raws.length >= 2 && (raws[0] ?? 9) <= 1 && raws.every((raw, i) => i === 0 || raw === (raws[i - 1] ?? 0) + 1);

function optionsIn(flat: string, text: string): Found<readonly Option[]> | null {
  const slice = (match: RegExpExecArray, group: string): string => {
    const from = match.index + match[0].lastIndexOf(group);
    return text.slice(from, from + group.length).trim();
  };
  const read = (pattern: RegExp, raw: 1 | 2, label: 1 | 2): Found<readonly Option[]> | null => {
    const matches = [...flat.matchAll(pattern)].filter((each) => (each[label] ?? "").trim() !== "");
    const options = matches.map((each): Option => ({
      raw: Number(each[raw]),
      shows: String(Number(each[raw])),
      text: slice(each, each[label] ?? ""),
    }));
    const from = matches[0]?.index ?? 0;
    const last = matches.at(-1);
    return { value: options, at: [from, last ? last.index + last[0].length : from] };
  };
  const equal = read(WORD_EQUALS, 2, 1);
  if (equal && equal.value.length >= 2 && isRun(equal.value.map(({ raw }) => raw)))
    return { ...equal, value: inOrder(equal.value) };
  const marked = read(MARKED, 1, 2);
  if (marked && marked.value.length >= 2 && isRun(marked.value.map(({ raw }) => raw)))
    return { ...marked, value: inOrder(marked.value) };
  const bracketed = read(BRACKETED, 2, 1);
  if (bracketed && countsUp(inOrder(bracketed.value).map(({ raw }) => raw)))
    return { ...bracketed, value: inOrder(bracketed.value) };
  const unmarked = read(UNMARKED, 1, 2);
  return unmarked && countsUp(unmarked.value.map(({ raw }) => raw)) ? unmarked : null;
}

const inOrder = (options: readonly Option[]): readonly Option[] => [...options].sort((a, b) => a.raw - b.raw);

/** Options told by two lists side by side: "0/1/2 = 3/5/9". */
const PARALLEL = /(\d(?:\/\d)+)\s*(?:=|:|for|fur|pour|para|per|voor)\s*(\d+(?:\/\d+)+)/;

/** "KM/MILE 0/1", "km or miles, 0 or 1": two words, then the two numbers they stand for. */
const TWO_AND_TWO = new RegExp(
  String.raw`(?<![\p{L}])([\p{L}/]{1,12}?)\s*(?:\/|\s(?:${anyOf("or")})\s)\s*([\p{L}/]{1,12})[\s,:(]+0\s*(?:\/|\s(?:${anyOf("or")})\s)\s*1(?![\d.])`,
  "u",
);

function twoAndTwoIn(flat: string): Found<readonly Option[]> | null {
  const match = TWO_AND_TWO.exec(flat);
  if (!match) return null;
  return {
    value: [match[1] ?? "", match[2] ?? ""].map((text, raw) => ({ raw, shows: String(raw), text })),
    at: [match.index, match.index + match[0].length],
  };
}

function parallelIn(flat: string): Found<readonly Option[]> | null {
  const match = PARALLEL.exec(flat);
  const [raws, means] = [match?.[1]?.split("/") ?? [], match?.[2]?.split("/") ?? []];
  if (!match || raws.length !== means.length) return null;
  return {
    value: raws.map((raw, i) => ({ raw: Number(raw), shows: raw, text: means[i] ?? "" })),
    at: [match.index, match.index + match[0].length],
  };
}

// ── ranges and lists ────────────────────────────────────────────────────────────────────────────────────────────────

const SPAN = new RegExp(
  String.raw`(?<![\w./,-]|\d\s)(${N})\s*${UNIT}\s*(?:-|~|\.{2,3}|(?:${anyOf("to")}|and|y|e|et|und|en)(?=\s))\s*(${N})(?!\d|[./-]\d)`,
  "gu",
);
const STEP = new RegExp(String.raw`(?:${anyOf("step")})\s*[:=]?\s*(\d+(?:\.\d+)?)`, "u");
const CONJUNCTION = /\d\s*(?:and|y|e|et|und|en)\s*\d/;
const BETWEEN = /\b(?:between|zwischen|entre|tra|tussen)\b/;

function spanIn(flat: string): Found<Span> | null {
  for (const match of flat.matchAll(SPAN)) {
    const [whole, low = "", high = ""] = match;
    if (CONJUNCTION.test(whole) && !BETWEEN.test(flat.slice(0, match.index))) continue;
    const [min, max] = [typedNumber(low), typedNumber(high)];
    if (!(max > min)) continue;
    const step = STEP.exec(flat)?.[1];
    const decimals = Math.max(typedDecimals(low), typedDecimals(high), step ? typedDecimals(step) : 0);
    return {
      value: { min, max, step: step ? typedNumber(step) : null, decimals },
      at: [match.index, match.index + whole.length],
    };
  }
  return null;
}

const NUMBER = String.raw`\d{1,4}(?:\.\d+)?\s*${UNIT}(?![\p{L}\d])`;
const MARKED_LIST = new RegExp(
  String.raw`(?<![\w.-])${NUMBER}(?:\s*(?:[,/]\s*(?:(?:${anyOf("or")})\s)?|(?:${anyOf("or")})(?=\s))\s*${NUMBER})+`,
  "u",
);
/** Numbers parted by blanks alone are a list from three on, from two where each has its unit. */
const WITH_UNIT = String.raw`\d{1,4}(?:\.\d+)?\s*(?:v|a|inch(?:es)?|"|zoll)(?![\p{L}\d])`;
const BLANK_LIST = new RegExp(
  String.raw`(?<![\w.-])(?:${NUMBER}(?:[ ]+${NUMBER}){2,}|${WITH_UNIT}(?:[ ]+${WITH_UNIT})+)`,
  "u",
);

/** Semicolons part the rows of a text as well: only a long list of them, told whole, is taken for one. */
const SEMICOLON_LIST = new RegExp(String.raw`(?<![\w.-])${NUMBER}(?:\s*;\s*${NUMBER}){3,}`, "u");

function listIn(flat: string, isStated: boolean): Found<readonly string[]> | null {
  const match = (isStated ? SEMICOLON_LIST.exec(flat) : null) ?? MARKED_LIST.exec(flat) ?? BLANK_LIST.exec(flat);
  if (!match) return null;
  const numbers = [...match[0].matchAll(/\d{1,4}(?:\.\d+)?/g)].map(([number]) => number);
  const distinct = [...new Set(numbers)];
  return distinct.length >= 2 ? { value: distinct, at: [match.index, match.index + match[0].length] } : null;
}

/** Words a menu shows for its values: "on / off", "km/h or mph". */
const WORD_LIST = new RegExp(
  String.raw`(?<![\p{L}\d/])((?:km\/[hu]|[\p{L}]{2,12})(?:\s*(?:\/(?=\s)|[,|]|(?:${anyOf("or")})(?=\s))\s*(?:km\/[hu]|[\p{L}]{2,12}))+)`,
  "u",
);

function wordsIn(flat: string, text: string, from: number): Found<readonly Option[]> | null {
  const match = WORD_LIST.exec(flat.slice(from));
  if (!match) return null;
  const start = from + match.index;
  const words = text
    .slice(start, start + match[0].length)
    .split(new RegExp(String.raw`\s*(?:\/(?=\s)|[,|]|\s(?:${anyOf("or")})\s)\s*`, "iu"))
    .map((word) => word.trim());
  return {
    value: words.map((word, raw) => ({ raw, shows: word, text: word })),
    at: [start, start + match[0].length],
  };
}

// ── a line ──────────────────────────────────────────────────────────────────────────────────────────────────────────

/** Letters a scan put among digits, where the text's own codes prove that it is one. */
const mendedValues = (text: string): string =>
  text.replace(/(?<=\d)[oO](?=[\s\-~.,)]|$)/g, "0").replace(/(?<=[\s\-~])[lI](?=\d)/g, "1");

/** No line of a menu is told at greater length; the rest is another's, or talk. */
const MOST_SIGNS = 800;

const READ_ONLY = new RegExp(String.raw`\b(?:${anyOf("readOnly")})\b`);
const NO_EFFECT = new RegExp(String.raw`\b(?:${anyOf("noEffect")})\b`);
const OWN = new RegExp(String.raw`(?<![\p{L}])(?:${anyOf("own")})(?![\p{L}])`, "u");
const NO_IDEA = new RegExp(String.raw`(?<![\p{L}])(?:${anyOf("noIdea")})(?![\p{L}])`, "u");
/** A text that ends where something had to follow; single letters may be units. */
const LONGER_WORDS = `${anyOf("to")}|${anyOf("or")}|bei|at|auf|sur|en`.split("|").filter((word) => word.length > 1);
const CUT_OFF = new RegExp(String.raw`(?:[,/(:~=-]|[\s\d](?:${LONGER_WORDS.join("|")}))\s*$`, "u");

/** What a line's text says of its values. */
export function tokensOf(said: string, scanned = false, named: string | null = null): Tokens {
  const text = (scanned ? mendedValues(said) : said).slice(0, MOST_SIGNS);
  // Names in a program's file have bars for blanks.
  const flat = folded(text).replaceAll("_", " ");
  const called = statedIn(flat, text);
  const afterCalled = called ? without(flat, called.at) : flat;
  const early = parallelIn(afterCalled) ?? twoAndTwoIn(afterCalled) ?? optionsIn(afterCalled, text);
  const inBrackets = called
    ? null
    : foundBy(IN_BRACKETS.exec(early ? without(afterCalled, early.at) : afterCalled), text);
  const stated = called ?? inBrackets;
  const afterStated = inBrackets ? without(afterCalled, inBrackets.at) : afterCalled;
  // "0 = never" beside a range is a value that stands for none; beside "1 = always" it is one of two options.
  const found = parallelIn(afterStated) ?? twoAndTwoIn(afterStated) ?? optionsIn(afterStated, text);
  const none = found ? null : noneIn(afterStated);
  const afterNone = none ? without(afterStated, none.at) : afterStated;
  const options = found ?? optionsIn(afterNone, text);
  const afterOptions = options ? without(afterNone, options.at) : afterNone;
  const span = spanIn(afterOptions);
  const list = span || options ? null : listIn(afterOptions, stated !== null);
  const colon = flat.search(/[:;]/);
  const words = span || options || list ? null : wordsIn(afterOptions, text, colon < 0 ? 0 : colon);
  const parts = [span, options, list, words, stated, none].flatMap((part) => (part ? [part.at] : []));
  const cut = Math.min(...parts.map(([from]) => from));
  return {
    // In a menu of words the word is the name, and nothing behind it.
    name: named !== null ? folded(named) : Number.isFinite(cut) && cut > 2 ? flat.slice(0, cut) : flat,
    whole: flat,
    span: span?.value ?? null,
    listed: list?.value ?? [],
    options: options?.value ?? words?.value ?? [],
    noneAt: none?.value ?? null,
    stated: stated?.value ?? null,
    dimensions: dimensionsOf(afterOptions),
    inMiles: /\d\s*mph\b/.test(afterOptions) && !/km/.test(afterOptions),
    readOnly: READ_ONLY.test(flat),
    noEffect: NO_EFFECT.test(flat),
    unread: [
      ...unreadIn(without(flat.replace(STEP, blank), ...parts)),
      ...(words ? wordBefore(text.slice(Math.max(0, colon + 1), words.at[0]), words.value) : []),
    ],
    isOwn: OWN.test(flat),
    isCutOff: CUT_OFF.test(flat),
    noIdea: NO_IDEA.test(flat),
  };
}

/** A word before the words a line can show, and one of them: what it stands at. */
const wordBefore = (between: string, words: readonly Option[]): readonly string[] =>
  words.flatMap(({ shows }) => (between.replace(/[\s:(]/g, "") === shows ? [shows] : []));

const blank = (text: string): string => " ".repeat(text.length);

/** Numbers left over that are no part of a word, nor said of a level or of the walking pace. */
const unreadIn = (flat: string): readonly string[] =>
  [...flat.matchAll(/(?<![\p{L}\d.])-?\d{1,4}(?:\.\d+)?(?!\d)/gu)]
    .filter(({ index }) => !OF_LEVEL.test(flat.slice(0, index)))
    // "0 = km" alone is an option nobody could place, and no value the maker sets.
    .map(({ 0: number, index }) => (/^\s*=/.test(flat.slice(index + number.length)) ? `${number} =` : number));

const OF_LEVEL = /(?:level|gear|step|pas|stufe|niveau|nivel|livello|stand)\s*$/;

const dimensionsOf = (flat: string): ReadonlySet<Dimension> =>
  new Set(DIMENSIONS.flatMap(([dimension, pattern]) => (pattern.test(flat) ? [dimension] : [])));
