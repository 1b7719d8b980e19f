/**
 * Second stage: where each line of the menu begins and ends. The alphabet of its codes is found by what repeats and
 * counts up over the whole text, not row by row.
 */
import { heaviestRise } from "./chain";
import { anyOf } from "./grammar";
import { headsOf, misreadHeads, type Head } from "./heads";
import { folded } from "./normalise";
import { oneBelowTheOther } from "./sideBySide";
import { untabled } from "./table";

export interface Segment {
  readonly code: string;
  /** What the leaflet says of it, as it stands there, rows parted by semicolons. */
  readonly text: string;
  /** The word it goes by, in a menu of words. */
  readonly name: string | null;
  /** The heading it stands under, where there is one. */
  readonly under: string;
  /** Whether it seems to hold what is said of another line as well. */
  readonly isEntangled: boolean;
}

export interface Segmented {
  readonly segments: readonly Segment[];
  /** Maker's values told apart from the lines, by code. */
  readonly defaults: ReadonlyMap<string, string>;
  /** Rows nothing was made of. */
  readonly leftOver: readonly string[];
  /** Whether signs were misread, as the series of codes proves. */
  readonly scanned: boolean;
}

interface Series {
  readonly kind: string;
  readonly heads: readonly Head[];
  readonly weight: number;
}

const letterKind = /^[a-z]+#/;

/** The best series of each class of codes. */
function seriesOf(heads: readonly Head[]): readonly Series[] {
  const kinds = new Map<string, Head[]>();
  for (const head of heads) {
    const same = kinds.get(head.kind) ?? [];
    same.push(head);
    kinds.set(head.kind, same);
  }
  return [...kinds].map(([kind, all]): Series => {
    const rise = heaviestRise([...all].sort((a, b) => a.at - b.at));
    const [first, last] = [rise[0], rise.at(-1)];
    // Numbers far apart are prices or page numbers, not a menu.
    const spread = first && last ? (last.value - first.value) / 100 + 1 : 1;
    const dense = kind.includes("letters") || kind === "words" || kind.includes(".") || spread <= rise.length * 4;
    return { kind, heads: rise, weight: rise.reduce((sum, { weight }) => sum + weight, 0) * (dense ? 1 : 0.3) };
  });
}

/** Kinds of codes of which one alone is a menu of one line. */
const LONE: ReadonlySet<string> = new Set(["#", "column"]);

/** Heads of the menu's lines, in order. */
function chosenHeads(text: string): { readonly heads: readonly Head[]; readonly scanned: boolean } {
  const all = headsOf(text);
  const series = seriesOf(all);
  // Banks of a few lines each are together one menu.
  const inBanks = series.filter(
    ({ kind, heads, weight }) => letterKind.test(kind) && heads.length >= 2 && weight >= 1.5,
  );
  const together = inBanks.reduce((sum, { weight }) => sum + weight, 0);
  const heaviest = [...series].sort((a, b) => b.weight - a.weight);
  const best = heaviest.find(({ kind, weight }) => letterKind.test(kind) || weight > together);
  if (!best || (best.heads.length < 2 && !letterKind.test(best.kind) && !LONE.has(best.kind)))
    return { heads: [], scanned: false };
  if (!letterKind.test(best.kind) && best.kind !== "#") return { heads: best.heads, scanned: false };
  const letters = best.kind.replace(/#.*$/, "");
  const known = new Set(best.heads.map(({ value }) => value));
  // Only a number missing between its neighbours proves a sign misread.
  const misread = misreadHeads(text, letters).filter(
    ({ value }) => !known.has(value) && (known.has(value - 100) || known.has(value + 100)),
  );
  const mended =
    misread.length > 0 ? heaviestRise([...best.heads, ...misread].sort((a, b) => a.at - b.at)) : best.heads;
  // Banks: other letters that count up as well.
  const banks = series.filter(
    (each) =>
      best.kind !== "#" && each !== best && letterKind.test(each.kind) && each.heads.length >= 2 && each.weight >= 1.5,
  );
  const heads = [...mended, ...banks.flatMap((bank) => bank.heads)].sort((a, b) => a.at - b.at);
  return { heads, scanned: misread.length > 0 && mended.length > best.heads.length };
}

/** "W01=2 W02=0 …": maker's values in a list of their own. */
const FEWEST_PAIRS = 3;

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);

/** Reads code and value pairs off a row; none where there are too few to be a list. */
function pairReader(codes: readonly string[]): (row: string) => readonly (readonly [string, string])[] {
  const known = new Map(codes.map((code) => [code.toLowerCase(), code]));
  if (known.size === 0) return () => [];
  const pattern = new RegExp(String.raw`(?<![\w.-])(${codes.map(escaped).join("|")})\s*[=:]\s*([^\s,;]+)`, "gi");
  return (row) => {
    if ((row.match(/[=:]/g)?.length ?? 0) < FEWEST_PAIRS) return [];
    const pairs = [...row.matchAll(pattern)].map(([, code = "", value = ""]): readonly [string, string] => [
      known.get(code.toLowerCase()) ?? code,
      value.replace(/[.;,]+$/, ""),
    ]);
    return pairs.length >= FEWEST_PAIRS ? pairs : [];
  };
}

const isBlank = (row: string): boolean => row.trim() === "";
const isRule = (row: string): boolean => /^[\s|+=:_-]+$/.test(row);
/** A heading between lines: a few words, no value, and nothing that goes on. */
const isHeading = (row: string, kind: string): boolean =>
  (/^\s*(?:[>#»]\s*)?[\p{Lu}][^.;=|\d]{0,60}:?\s*$/u.test(row) && !/^\s{2,}/.test(row)) ||
  /^\s*\[\p{L}[^\]]*\]\s*$/u.test(row) ||
  (kind === "#.#" && /^\d{1,2}\.?\s+\p{Lu}[^;=|]*$/u.test(row));
/** After a blank row a long one is talk, no cell of the line before. */
const isLong = (row: string): boolean => row.trim().length > 40;

/** Cuts a text into lines of the menu. */
export function segmented(pasted: string): Segmented {
  const text = untabled(oneBelowTheOther(pasted));
  const { heads, scanned } = chosenHeads(text);
  const codes = heads.map(({ code }) => code);
  const pairsOf = pairReader(codes);
  const like = codeWithin(codes);
  const defaults = new Map<string, string>();
  const before = text
    .slice(0, heads[0]?.at ?? text.length)
    .split("\n")
    .filter((row) => !isBlank(row));
  const leftOver = before.filter((row) => !isRule(row)).map((row) => row.trim());
  let under = before.at(-1)?.trim() ?? "";
  const segments = heads.map((head, i): Segment => {
    const rows = text.slice(head.end, heads[i + 1]?.at ?? text.length).split("\n");
    const last = rows.findLastIndex((row) => !isBlank(row));
    const heading = under;
    const taken: string[] = [];
    let afterBlank = false;
    for (const [at, row] of rows.entries()) {
      const pairs = pairsOf(row);
      for (const [code, value] of pairs) defaults.set(code, value);
      if (isBlank(row)) afterBlank ||= taken.length > 0;
      if (pairs.length > 0 || isBlank(row) || isRule(row)) continue;
      const closes = at > 0 && at === last && isHeading(row, head.kind) && taken.some((each) => /\d/.test(each));
      if (closes) under = row.trim();
      if (closes || (at > 0 && afterBlank && isLong(row))) leftOver.push(row.trim());
      else taken.push(row.trim());
    }
    const said = told(taken, head);
    const name = head.kind === "words" ? head.code : null;
    return { code: head.code, text: said, name, under: heading, isEntangled: holdsAnother(said, head, codes, like) };
  });
  return { segments: withLongOnes(underParents(segments)), defaults, leftOver, scanned };
}

/** A line told at several times the length of the others may hold what belongs to none. */
const TIMES_LONGER = 2;
const LEAST_LONG = 120;

function withLongOnes(segments: readonly Segment[]): readonly Segment[] {
  const lengths = segments.map(({ text }) => text.length).sort((a, b) => a - b);
  const long = Math.max(LEAST_LONG, TIMES_LONGER * (lengths[Math.floor(lengths.length / 2)] ?? 0));
  return segments.map((segment) => (segment.text.length > long ? { ...segment, isEntangled: true } : segment));
}

/** Lines that only head others, "S1" above "S1.1" and "S1.2", are headings of those. */
function underParents(segments: readonly Segment[]): readonly Segment[] {
  const isChild = (code: string, parent: string): boolean =>
    code.startsWith(`${parent}.`) || code.startsWith(`${parent}-`);
  const parents = segments.filter(({ code }) => segments.some((other) => isChild(other.code, code)));
  if (parents.length === 0) return segments;
  return segments
    .filter((segment) => !parents.includes(segment))
    .map((segment) => ({
      ...segment,
      under: parents.find(({ code }) => isChild(segment.code, code))?.text ?? segment.under,
    }));
}

/** "… Cruise control: on / off" behind the values of a line of words. */
const NAME_WITHIN = /[)\p{L}\d]\s+\p{Lu}\p{L}+(?: \p{L}+){0,3}\s*:\s/u;
/** "No.01 …" begins another line. */
const KEYWORD_WITHIN = new RegExp(String.raw`(?<![\p{L}])(?:${anyOf("line")})\s*\d{1,3}(?!\d)`, "u");
/** "seller: 10 is …" begins another message. */
const MESSAGE_WITHIN = /;\s*\p{L}{2,12}:\s*\d/u;

/** What a code of this menu looks like within a text: with the letters of any of its banks, or of two numbers. */
function codeWithin(codes: readonly string[]): RegExp | null {
  const letters = [...new Set(codes.flatMap((code) => /^([A-Za-z]{1,3})[-_.]?\d/.exec(code)?.[1] ?? []))];
  if (letters.length > 0) return new RegExp(`(?<![\\p{L}\\d.-])(?:${letters.join("|")})[-_.]?\\d{1,3}(?!\\d)`, "iu");
  if (!codes.every((code) => /^\d+[.-]\d+$/.test(code))) return null;
  const banks = [...new Set(codes.map((code) => /^\d+/.exec(code)?.[0] ?? ""))];
  return new RegExp(`(?<![\\p{L}\\d.-])(?:${banks.join("|")})[.-]\\d{1,2}\\s+\\p{L}{3}`, "u");
}

/** Whether a text holds a code of its menu, or the name of another line of a menu of words. */
function holdsAnother(said: string, { kind, code }: Head, codes: readonly string[], like: RegExp | null): boolean {
  if (kind === "words") {
    const rest = said.slice(code.length);
    return NAME_WITHIN.test(rest) || codes.some((other) => other !== code && other.length > 3 && rest.includes(other));
  }
  if (kind.includes("keyword") && KEYWORD_WITHIN.test(folded(said))) return true;
  return MESSAGE_WITHIN.test(said) || like?.test(said) === true;
}

/** What is said of a line; a word that stands for its code is a part of it. */
const told = (rows: readonly string[], { kind, code }: Head): string =>
  (kind === "words" ? `${code} : ` : "") + rows.join(" ; ").replace(/^[\s:.)=|,\]>"'-]+/, "");
