/** The maker's value as a line states it, and a value that stands for none. */
import { anyOf } from "./grammar";
import { N, UNIT, type Found } from "./pieces";

const FILLERS = "value|setting|is|are|ist|est|es|e|at|to|on|auf|bei|sur|en|su|op|set";
const AT = String.raw`(?:\s*(?:${FILLERS})(?![\p{L}]))*\s*[:=]?\s*`;
const CALLED = String.raw`(?<![\p{L}])(?:${anyOf("defaultBefore")})(?![\p{L}])`;
const DEFAULT_BEFORE = new RegExp(
  String.raw`[([]?\s*${CALLED}${AT}(${N}|[\p{L}/]{2,12}(?:\/h)?)\s*${UNIT}(?![\p{L}])\s*[)\]]?`,
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

/** "default 3", "3 as delivered". */
export const statedIn = (flat: string, text: string): Found<string> | null =>
  foundBy(DEFAULT_BEFORE.exec(flat) ?? DEFAULT_AFTER.exec(flat), text);

/** "(3)" behind everything else. */
export const bracketedIn = (flat: string, text: string): Found<string> | null => foundBy(IN_BRACKETS.exec(flat), text);

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
