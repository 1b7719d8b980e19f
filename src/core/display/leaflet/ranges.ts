/** Ranges with their steps, and lists of numbers. */
import { typedDecimals, typedNumber } from "../../units/typedNumber";
import { anyOf } from "./grammar";
import { N, UNIT, type Found } from "./pieces";

export interface Span {
  readonly min: number;
  readonly max: number;
  /** Null where the text states none. */
  readonly step: number | null;
  readonly decimals: number;
}

const THROUGH = String.raw`(?:-|~|\.{2,3}|(?:${anyOf("to")}|and|y|e|et|und|en)(?=\s))`;
const SPAN = new RegExp(String.raw`(?<![\w./,-]|\d\s)(${N})\s*${UNIT}\s*${THROUGH}\s*(${N})(?!\d|[./-]\d)`, "gu");
export const STEP = new RegExp(String.raw`(?:${anyOf("step")})\s*[:=]?\s*(\d+(?:\.\d+)?)`, "u");
const CONJUNCTION = /\d\s*(?:and|y|e|et|und|en)\s*\d/;
const BETWEEN = /\b(?:between|zwischen|entre|tra|tussen)\b/;

/** "min 10 max 45". */
const NAMED_ENDS = new RegExp(
  String.raw`(?<![\p{L}])mini?m?\w*\.?\s*[:=]?\s*(${N})\s*${UNIT}\s*[,;/]?\s*max\w*\.?\s*[:=]?\s*(${N})(?![\d.])`,
  "u",
);

/** "1 dim .. 5 bright". */
const WORDED = String.raw`(\d{1,2})\s*[=:]?\s*\(?(\p{L}{3,14})(?![\p{L}])\)?`;
export const WORDED_SPAN = new RegExp(
  String.raw`(?<![\w./,-])${WORDED}\s*(?:-|~|\.{2,3}|(?:${anyOf("to")})(?=\s))\s*${WORDED}`,
  "u",
);
const IS_UNIT = new RegExp(`^${UNIT}$`);

export function spanIn(flat: string): Found<Span> | null {
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
  const named = NAMED_ENDS.exec(flat);
  const [low, high] = [named?.[1] ?? "", named?.[2] ?? ""];
  if (named && typedNumber(high) > typedNumber(low)) {
    const decimals = Math.max(typedDecimals(low), typedDecimals(high));
    return {
      value: { min: typedNumber(low), max: typedNumber(high), step: null, decimals },
      at: [named.index, named.index + named[0].length],
    };
  }
  const worded = WORDED_SPAN.exec(flat);
  const [min, max] = [Number(worded?.[1]), Number(worded?.[3])];
  if (!worded || !(max > min) || IS_UNIT.test(worded[2] ?? "")) return null;
  return { value: { min, max, step: null, decimals: 0 }, at: [worded.index, worded.index + worded[0].length] };
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

export function listIn(flat: string, isStated: boolean): Found<readonly string[]> | null {
  const marked = (isStated ? SEMICOLON_LIST.exec(flat) : null) ?? MARKED_LIST.exec(flat);
  const match = marked ?? BLANK_LIST.exec(flat);
  if (!match) return null;
  const numbers = [...match[0].matchAll(/\d{1,4}(?:\.\d+)?/g)].map(([number]) => number);
  // Parted by blanks alone, numbers that do not rise are the cells of a table.
  const rises = numbers.every((number, i) => i === 0 || typedNumber(number) > typedNumber(numbers[i - 1] ?? ""));
  if (!marked && !rises) return null;
  const distinct = [...new Set(numbers)];
  return distinct.length >= 2 ? { value: distinct, at: [match.index, match.index + match[0].length] } : null;
}
