/** What the values of a line stand for, as its text tells them one by one. */
import { anyOf } from "./grammar";
import type { Found } from "./pieces";

export interface Option {
  readonly raw: number;
  /** What it shows: its number, or the word itself where the menu shows words. */
  readonly shows: string;
  readonly text: string;
}

const MARK = String.raw`\s*(?:=>|->|=|:|-(?=\s*[\p{L}])|(?:${anyOf("stands")})(?![\p{L}]))\s*`;
const NEXT_OPTION = String.raw`\/\s*\d|\s(?:${anyOf("or")})\s+\d{1,2}\b|\s\d{1,2}${MARK}`;
const NEXT = String.raw`(?=\s*(?:[,;|)]|\(\s*\d+\s*\)|\.(?:\s|$)|$|${NEXT_OPTION}))`;
const MARKED = new RegExp(String.raw`(?<![\w.-])(\d{1,2})${MARK}((?:[^,;|)(]|\((?!\s*\d+\s*\)))*?)${NEXT}`, "gu");
const UNMARKED_TEXT = String.raw`[\p{L}%][^,;|()\d]*?(?:km\/h|\d\s?(?=v)v?)?[^,;|()\d]*?`;
const UNMARKED_END = String.raw`(?=\s*(?:[,;|()]|\/(?![hu]\b)|\s\d{1,2}\s|$|\.)|\s{2,})`;
const UNMARKED = new RegExp(String.raw`(?<![\w.-])(\d{1,2})\s+(${UNMARKED_TEXT})${UNMARKED_END}`, "gu");
/** "OFF=0 ON=1", "km/h = 0, mph = 1". */
const WORD_EQUALS = /(?<![\p{L}\d])([\p{L}/]{1,14})\s*=\s*(\d{1,2})(?![\d.])/gu;
/** "km/h (0) and mph (1)". */
const BRACKETED =
  /([\p{L}/%][\p{L}/% ]{0,24}?)\s*[([]\s*(?:(?:shown as|shows|reads|code|value|=)\s*)?(\d{1,2})\s*[)\]]/gu;
/** "0 (no) and 1 (yes)". */
const IN_BRACKETS = /(?<![\w.-])(\d{1,2})\s*[([]\s*(\p{L}[\p{L}/ ]{0,24}?)\s*[)\]]/gu;

/** Options count from about nothing, up or down, each once; other numbers before words are codes or figures. */
const MOST_FIRST = 2;
const isRun = (raws: readonly number[]): boolean => {
  const rises = raws.slice(1).map((raw, i) => raw > (raws[i] ?? 0));
  return Math.min(...raws) <= MOST_FIRST && new Set(raws).size === raws.length && new Set(rises).size <= 1;
};
const countsUp = (raws: readonly number[]): boolean =>
  raws.length >= 2 && (raws[0] ?? 9) <= 1 && raws.every((raw, i) => i === 0 || raw === (raws[i - 1] ?? 0) + 1);

function onesIn(flat: string, text: string): Found<readonly Option[]> | null {
  const slice = (match: RegExpExecArray, group: string): string => {
    const from = match.index + match[0].lastIndexOf(group);
    return text.slice(from, from + group.length).trim();
  };
  const read = (pattern: RegExp, raw: 1 | 2, label: 1 | 2): Found<readonly Option[]> | null => {
    const found = all(pattern, raw, label);
    return found && label === 2 ? withoutLast(found) : found;
  };
  const all = (pattern: RegExp, raw: 1 | 2, label: 1 | 2): Found<readonly Option[]> | null => {
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
  const bracketed = /[([]\s*\w/.test(flat) ? read(BRACKETED, 2, 1) : null;
  if (bracketed && countsUp(inOrder(bracketed.value).map(({ raw }) => raw)))
    return { ...bracketed, value: inOrder(bracketed.value) };
  const inBrackets = read(IN_BRACKETS, 1, 2);
  if (inBrackets && countsUp(inBrackets.value.map(({ raw }) => raw))) return inBrackets;
  const unmarked = read(UNMARKED, 1, 2);
  return unmarked && countsUp(unmarked.value.map(({ raw }) => raw)) ? unmarked : null;
}

/** "0: km 1: mile 0": a number behind the last option that is one of theirs is told apart from them. */
function withoutLast({ value, at: [from, to] }: Found<readonly Option[]>): Found<readonly Option[]> {
  const last = value.at(-1);
  const match = last ? /^(.*\p{L})(\s+(\d{1,2}))$/u.exec(last.text) : null;
  if (!last || !match || !value.some(({ raw }) => raw === Number(match[3]))) return { value, at: [from, to] };
  return {
    value: [...value.slice(0, -1), { ...last, text: match[1] ?? "" }],
    at: [from, to - (match[2] ?? "").length],
  };
}

const inOrder = (options: readonly Option[]): readonly Option[] => [...options].sort((a, b) => a.raw - b.raw);

/** Options told by two lists side by side: "0/1/2 = 3/5/9". */
const PARALLEL = /(\d(?:\/\d)+)\s*(?:=|:|for|fur|pour|para|per|voor)\s*(\d+(?:\/\d+)+)/;

/** "KM/MILE 0/1", "km or miles, 0 or 1": two words, then the two numbers they stand for. */
const EITHER = String.raw`\s*(?:\/|\s(?:${anyOf("or")})\s)\s*`;
const TWO_AND_TWO = new RegExp(
  String.raw`(?<![\p{L}])([\p{L}/]{1,12}?)${EITHER}([\p{L}/]{1,12})[\s,:(]+0${EITHER}1(?![\d.])`,
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

/** Options told in any of these ways. */
export const optionsIn = (flat: string, text: string): Found<readonly Option[]> | null =>
  parallelIn(flat) ?? twoAndTwoIn(flat) ?? onesIn(flat, text);

/** Words a menu shows for its values: "on / off", "km/h or mph". */
const WORD = String.raw`(?:km\/[hu]|[\p{L}]{2,12})`;
const WORD_LIST = new RegExp(
  String.raw`(?<![\p{L}\d/])(${WORD}(?:(?:\s*(?:\/(?=\s)|[,|])|\s+(?:${anyOf("or")})(?=\s))\s*${WORD})+)`,
  "u",
);

export function wordsIn(flat: string, text: string, from: number): Found<readonly Option[]> | null {
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
