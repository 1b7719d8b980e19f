/** The maker's value as a line states it, and a value that stands for none. */
import { anyOf } from "./grammar";
import type { Option } from "./options";
import { N, UNIT, type Found } from "./pieces";

const FILLERS =
  "grade|level|gear|stufe|niveau|nivel|livello|value|setting|is|are|ist|est|es|e|at|to|on|auf|bei|sur|en|su|op|set";
const AT = String.raw`(?:\s*(?:${FILLERS})(?![\p{L}]))*\s*[:=]?\s*`;
/** Words no display shows for a value. */
const FUNCTION_WORDS = `value|is|was|in|by|from|${anyOf("articles")}`;
const CALLED = String.raw`(?<![\p{L}])(?:${anyOf("defaultBefore")})(?![\p{L}])`;
const WORD_SHOWN = String.raw`(?!(?:${FUNCTION_WORDS})(?![\p{L}]))[\p{L}/]{2,12}(?:\/h)?`;
const DEFAULT_BEFORE = new RegExp(
  String.raw`[([]?\s*${CALLED}${AT}(${N}|${WORD_SHOWN})\s*${UNIT}(?![\p{L}])\s*[)\]]?`,
  "u",
);
const DEFAULT_AFTER = new RegExp(
  String.raw`[([]?\s*(?<![\w.])(${N}|on|off|ein|aus)\s*${UNIT}\s*(?:${anyOf("defaultAfter")})(?![\p{L}])\s*[)\]]?`,
  "u",
);
/** "(3)" or "[3]" at the end. */
const IN_BRACKETS = new RegExp(
  String.raw`[([]\s*(?:d(?:ef)?\.?\s*[:=]?)?\s*(${N})\s*${UNIT}\s*[)\]]\s*(?:[.;,]?\s*|;\s*[>#»][^\d]*)$`,
  "u",
);

/** "d26" behind everything else. */
const BY_LETTER = new RegExp(String.raw`(?<![\p{L}\d])d[.:=]?\s?(${N})\s*${UNIT}\s*$`, "u");

/** "default 3", "3 as delivered". */
export const statedIn = (flat: string, text: string): Found<string> | null =>
  foundBy(DEFAULT_BEFORE.exec(flat) ?? DEFAULT_AFTER.exec(flat) ?? BY_LETTER.exec(flat), text);

/** "(3)" behind everything else. */
export const bracketedIn = (flat: string, text: string): Found<string> | null => foundBy(IN_BRACKETS.exec(flat), text);

/** "Soft / Normal / Hard (Normal)": one of the words again, in brackets behind them. */
export function bracketedWordIn(text: string, words: Found<readonly Option[]>): Found<string> | null {
  const [, end] = words.at;
  const match = /[([]\s*([^()[\]]{1,20}?)\s*[)\]]/.exec(text.slice(end));
  const said = match?.[1]?.toLowerCase();
  const option = words.value.find(({ shows }) => shows.toLowerCase() === said);
  if (!match || !option) return null;
  return { value: option.shows, at: [end + match.index, end + match.index + match[0].length] };
}

const IS_DEFAULT = new RegExp(
  String.raw`(?<![\p{L}])(?:${anyOf("defaultAfter")}|${anyOf("defaultBefore")})(?![\p{L}])`,
  "u",
);

/** Whether a word for the maker's value stands in a text. */
export const namesDefault = (flat: string): boolean => IS_DEFAULT.test(flat);

/** Called so in brackets or by an arrow; a word alone may be what is left of "default 3". */
const NAMES = `(?:${anyOf("defaultAfter")}|${anyOf("defaultBefore")})`;
const STAMP = new RegExp(String.raw`[([*]\s*${NAMES}\s*[)\]*]|<-+\s*(?:${anyOf("defaultAfter")})(?![\p{L}])`, "u");

/** "0 off (default)": one of the options, or what stands between it and the next, is called the maker's. */
export function stampedIn(options: readonly Option[], flat: string, fold: (text: string) => string): string | null {
  const from: number[] = [];
  for (const { text } of options) from.push(flat.indexOf(fold(text), from.at(-1) ?? 0));
  if (from.includes(-1)) return null;
  const stamped = options.filter((_, i) => STAMP.test(flat.slice(from[i], from[i + 1])));
  return stamped.length === 1 ? (stamped[0]?.shows ?? null) : null;
}

function foundBy(match: RegExpExecArray | null, text: string): Found<string> | null {
  if (!match) return null;
  const [whole, value = ""] = match;
  const from = match.index + whole.indexOf(value);
  return { value: text.slice(from, from + value.length), at: [match.index, match.index + whole.length] };
}

/** "0 = never", "45 means no limit". */
const STANDS_FOR = String.raw`\s*(?:=|:|,|-)?\s*(?:(?:${anyOf("stands")})\s+)?`;
const NONE_AT = new RegExp(
  String.raw`(?<![\w.])(\d{1,3})\s*${UNIT}${STANDS_FOR}(?:${anyOf("none")})(?![\p{L}])[\p{L} ]*`,
  "u",
);

export function noneIn(flat: string): Found<number> | null {
  const match = NONE_AT.exec(flat);
  return match ? { value: Number(match[1]), at: [match.index, match.index + match[0].length] } : null;
}
