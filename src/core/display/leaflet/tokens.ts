/**
 * Third stage: what a line can show, before anybody asks what it means. Ranges, lists, options, units, maker's value,
 * a value that stands for none.
 */
import type { Action } from "../profile";
import { dimensionsOf, type Dimension } from "./dimensions";
import { actionIn, conditionIn, directionIn, directionOf, type Direction } from "./directions";
import { anyOf } from "./grammar";
import { folded } from "./normalise";
import { optionsIn, wordsIn, type Option } from "./options";
import { withSpellingMended } from "./spelling";
import { UNIT, without } from "./pieces";
import { listIn, spanIn, STEP, type Span } from "./ranges";
import { bracketedIn, bracketedWordIn, namesDefault, noneIn, stampedIn, statedIn } from "./stated";

/** A number, or a word of a list, that belongs to nothing understood; and the word it stands behind, if any. */
export interface Unread {
  readonly value: string;
  readonly behind: string;
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
  /** Whether it stands in brackets, and nothing says that it is one. */
  readonly isInBrackets: boolean;
  readonly dimensions: ReadonlySet<Dimension>;
  readonly inMiles: boolean;
  readonly readOnly: boolean;
  readonly noEffect: boolean;
  /** Which way its numbers go, where the text says so. */
  readonly direction: Direction | null;
  /** What must be so for it to matter, in the text's own words. */
  readonly condition: string | null;
  /** What it does, where it is an action and has no values. */
  readonly does: Action | null;
  /** Numbers that belong to nothing understood: while there are any, no value of the line is sure. */
  readonly unread: readonly Unread[];
  /** Whether one of them is told to be what somebody's own display stands at. */
  readonly isOwn: boolean;
  /** Whether it ends where something had to follow. */
  readonly isCutOff: boolean;
  /** Whether whoever wrote it says that he does not know. */
  readonly noIdea: boolean;
  /** Whether a word of it was read as another but for a letter. */
  readonly isMended: boolean;
}

/** Letters a scan put among digits, where the text's own codes prove that it is one. */
const mendedValues = (text: string): string =>
  text.replace(/(?<=\d)[oO](?=[\s\-~.,)]|$)/g, "0").replace(/(?<=[\s\-~(])[lI](?=\d)/g, "1");

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
  const { text, isMended } = withSpellingMended((scanned ? mendedValues(said) : said).slice(0, MOST_SIGNS), folded);
  // Names in a program's file have bars for blanks.
  const all = folded(text).replaceAll("_", " ");
  const condition = conditionIn(all, text);
  const unconditional = condition ? without(all, condition.at) : all;
  const way = directionIn(unconditional, text, spanIn(unconditional)?.value ?? null);
  // What a number is compared by is no value of the line.
  const flat = way ? without(unconditional, way.at) : unconditional;
  const called = statedIn(flat, text);
  const afterCalled = called ? without(flat, called.at) : flat;
  const early = optionsIn(afterCalled, text);
  const inBrackets = called ? null : bracketedIn(early ? without(afterCalled, early.at) : afterCalled, text);
  const stated = called ?? inBrackets;
  const afterStated = inBrackets ? without(afterCalled, inBrackets.at) : afterCalled;
  // "0 = never" beside a range is a value that stands for none; beside "1 = always" it is one of two options.
  const found = optionsIn(afterStated, text);
  const none = found ? null : noneIn(afterStated);
  const afterNone = none ? without(afterStated, none.at) : afterStated;
  const options = found ?? optionsIn(afterNone, text);
  const afterOptions = options ? without(afterNone, options.at) : afterNone;
  const span = spanIn(afterOptions);
  const list = span || options ? null : listIn(afterOptions, stated !== null);
  const colon = flat.search(/[:;]/);
  const words =
    span || options || list
      ? null
      : (wordsIn(afterOptions, text, Math.max(0, colon)) ??
        (flat[colon] === ";" ? wordsIn(afterOptions, text, 0) : null));
  const wordStated = words && !stated ? bracketedWordIn(text, words) : null;
  const parts = [span, options, list, words, stated, wordStated, none].flatMap((part) => (part ? [part.at] : []));
  const saidOfMaker = (stated ?? wordStated)?.value ?? stampedIn((options ?? words)?.value ?? [], flat, folded);
  const does = span || options || list || words ? null : actionIn(flat);
  const cut = Math.min(...parts.map(([from]) => from));
  return {
    // In a menu of words the word is the name, and nothing behind it.
    name: named !== null ? folded(named) : Number.isFinite(cut) && cut > 2 ? flat.slice(0, cut) : flat,
    whole: way || condition ? all : flat,
    span: span?.value ?? null,
    listed: list?.value ?? [],
    options: options?.value ?? words?.value ?? [],
    noneAt: none?.value ?? null,
    stated: does ? null : saidOfMaker,
    isInBrackets: inBrackets !== null,
    dimensions: dimensionsOf(afterOptions),
    inMiles: /\d\s*mph\b/.test(afterOptions) && !/km/.test(afterOptions),
    readOnly: READ_ONLY.test(flat),
    noEffect: NO_EFFECT.test(flat),
    direction: way?.value ?? directionOf(options?.value ?? words?.value ?? [], folded),
    condition: condition?.value ?? null,
    does,
    unread: does
      ? []
      : [
          ...unreadIn(flat, parts),
          ...gluedAtEnd(without(flat, ...parts)),
          ...(words ? wordBefore(text.slice(Math.max(0, colon + 1), words.at[0]), words.value) : []),
        ],
    isOwn: OWN.test(flat),
    isCutOff: CUT_OFF.test(flat) || (saidOfMaker === null && namesDefault(without(flat, ...parts))),
    noIdea: NO_IDEA.test(flat),
    isMended,
  };
}

/** A word before the words a line can show, and one of them: what it stands at. */
const wordBefore = (between: string, words: readonly Option[]): readonly Unread[] =>
  words.flatMap(({ shows }) => (between.replace(/[\s:(]/g, "") === shows ? [{ value: shows, behind: "" }] : []));

/** Signs before a number in which the word it stands behind is looked for. */
const LONGEST_WORD = 40;

const blank = (text: string): string => " ".repeat(text.length);

/** Numbers left over that are no part of a word, nor said of a level or of the walking pace. */
function unreadIn(flat: string, parts: readonly (readonly [number, number])[]): readonly Unread[] {
  const rest = without(flat.replace(STEP, blank), ...parts);
  return [...rest.matchAll(/(?<![\p{L}\d.])-?\d{1,4}(?:\.\d+)?(?!\d)/gu)]
    .filter(({ index }) => !OF_LEVEL.test(flat.slice(Math.max(0, index - LONGEST_WORD), index)))
    .map(({ 0: number, index }) => ({
      // "0 = km" alone is an option nobody could place, and no value the maker sets.
      value: /^\s*=/.test(flat.slice(index + number.length)) ? `${number} =` : number,
      behind: wordAt(rest.slice(Math.max(0, index - LONGEST_WORD), index)),
    }));
}

/** "x26" behind everything else: a number somebody meant something by. */
function gluedAtEnd(rest: string): readonly Unread[] {
  const match = /(?<![\p{L}\d])([a-z]{1,2})(\d{1,4}(?:\.\d+)?)\s*$/u.exec(rest);
  return match ? [{ value: match[2] ?? "", behind: match[1] ?? "" }] : [];
}

/** The word a text ends with; none where it is a unit, or stands in another column. */
function wordAt(before: string): string {
  const word = /([\p{L}'/]+) ?$/u.exec(before)?.[1] ?? "";
  return IS_UNIT.test(word) ? "" : word;
}
const IS_UNIT = new RegExp(`^${UNIT}$`);

const OF_LEVEL = /(?:level|gear|step|pas|stufe|niveau|nivel|livello|stand)\s*$/;
