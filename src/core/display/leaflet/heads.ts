/** Places where a line of the menu may begin: codes of every kind, at the beginning of a row or within it. */
import { anyOf } from "./grammar";
import { folded } from "./normalise";
import type { Counted } from "./chain";
import { CODE_CLOSES, CODE_OPENS } from "./table";

export interface Head extends Counted {
  readonly code: string;
  /** Where its text begins. */
  readonly end: number;
  /** Codes of one menu are of one class. */
  readonly kind: string;
}

/** What may stand around a code at the beginning of a row. */
const BEFORE = String.raw`[ \t]*(?:[-*•·>#|]+[ \t]*)?(?:\[[ x]?\][ \t]*)?`;
const SAYS = String.raw`(?:[a-z]{2,12}:[ \t]+)?`;
const OPEN = String.raw`["'([<]?[ \t]*`;
const CLOSED = String.raw`[ \t]*["')\]>]`;
const AFTER = String.raw`(?=[ \t]*(?:[:.)=|;,\t]|-(?=\s)|\s|$))`;
const KEYWORD = () => String.raw`(?:(?:set |user |setup )?(?:${anyOf("line")})[ \t]*(?:no\.?|nr\.?|n°|#)?[ \t]*)`;

const PREFIXED = String.raw`([a-z]{1,3})([-_. ]?)(\d{1,3})(?:([-.])(\d{1,2}))?`;
const BANKED = String.raw`(\d{1,2})([-.])(\d{1,2})`;

/** A head at the beginning of a row looks like one; its text tells how much. */
function weighed(text: string, end: number, indent: number): number {
  const rest = text.slice(end, text.indexOf("\n", end) < 0 ? undefined : text.indexOf("\n", end));
  const words = /[\p{L}]{3}|[\p{L}]+ [\p{L}]/u.test(rest);
  const alone = rest.trim() === "";
  // Options stand indented under their line, or are told with an equals sign.
  const option = /^\s*=/.test(rest) || indent >= 2;
  return (words ? 1 : alone ? 0.6 : 0.1) * (option ? 0.4 : 1);
}

const valueOf = (major: string, minor: string | undefined): number => Number(major) * 100 + Number(minor ?? 0);

/** Codes at the beginnings of rows. */
function atRows(text: string): Head[] {
  const flat = folded(text);
  const heads: Head[] = [];
  const code = String.raw`(?:${PREFIXED}|${BANKED}|(\d{1,3}))`;
  const row = new RegExp(`^(${BEFORE})${SAYS}${OPEN}(${KEYWORD()})?${OPEN}${code}(?:${CLOSED}|${AFTER})`, "gm");
  for (const match of flat.matchAll(row)) {
    const [whole, before = "", keyword, letters, dash, first, , second, bank, , point, plain] = match;
    const at = match.index;
    const end = at + whole.length;
    const weight = weighed(text, end, before.length - before.trimStart().length);
    if (letters !== undefined && first !== undefined) {
      // A unit before a number is no code: "v 36".
      if (dash === " ") continue;
      const code = AS_WRITTEN.exec(text.slice(at + (before.length + (keyword?.length ?? 0)), end))?.[0];
      const kind = `${letters}#${second === undefined ? "" : ".#"}`;
      heads.push({ at, end, code: code ?? letters + first, kind, value: valueOf(first, second), weight: weight * 1.2 });
    } else if (bank !== undefined && point !== undefined)
      heads.push({
        at,
        end,
        code: `${bank}${match[9] ?? "."}${point}`,
        kind: "#.#",
        value: valueOf(bank, point),
        weight: weight * 1.1,
      });
    else if (plain !== undefined)
      heads.push({
        at,
        end,
        code: plain,
        kind: keyword ? "keyword #" : "#",
        value: valueOf(plain, undefined),
        weight: weight * (keyword ? 1.2 : 1),
      });
  }
  return heads;
}

/** A code as the leaflet writes it. */
const AS_WRITTEN = /[A-Za-z]{1,3}[-_.]?\d{1,3}(?:[-.]\d{1,2})?/;

/** Codes within rows: "J1 … J2 …", "setting 3 is …". */
function within(text: string): Head[] {
  const flat = folded(text);
  const heads: Head[] = [];
  for (const match of flat.matchAll(/(?<=^|[\s;,.(])([a-z]{1,2})(-?)(\d{1,3})(?=[\s:.)=])/g)) {
    const [whole, letters = "", , first = ""] = match;
    const end = match.index + whole.length;
    heads.push({
      at: match.index,
      end,
      code: text.slice(match.index, end),
      kind: `inline ${letters}#`,
      value: valueOf(first, undefined),
      weight: /^[\s:.)=]*\p{L}{2}/u.test(text.slice(end, end + 12)) ? 0.9 : 0.1,
    });
  }
  for (const match of flat.matchAll(
    new RegExp(String.raw`(?<![\p{L}])${KEYWORD()}(\d{1,3})(?![\d.]|\s*(?:-|~))`, "gu"),
  )) {
    const end = match.index + match[0].length;
    heads.push({
      at: match.index,
      end,
      code: match[1] ?? "",
      kind: "inline keyword #",
      value: valueOf(match[1] ?? "0", undefined),
      weight: 0.9,
    });
  }
  return heads;
}

/** "(1) light … (2) unit …" in one paragraph. */
const bracketed = (text: string): Head[] =>
  [...text.matchAll(/\((\d{1,2})\)(?=\s*\p{L}[\p{L}'])/gu)].map((match) => ({
    at: match.index,
    end: match.index + match[0].length,
    code: match[1] ?? "",
    kind: "inline (#)",
    value: valueOf(match[1] ?? "0", undefined),
    weight: 0.85,
  }));

/** "key -> 1 light -> key -> 2 unit": a way through the menu. */
const alongArrows = (text: string): Head[] =>
  [...text.matchAll(/(?:->|=>|→|»)\s*["'(]?(\d{1,2})["')]?(?=[\s:.)]+\p{L}{2})/gu)].map((match) => ({
    at: match.index,
    end: match.index + match[0].length,
    code: match[1] ?? "",
    kind: "inline -> #",
    value: valueOf(match[1] ?? "0", undefined),
    weight: 0.85,
  }));

/** "IV. Speed limit". */
const ROMAN: readonly string[] = [
  "I",
  "II",
  "III",
  "IV",
  "V",
  "VI",
  "VII",
  "VIII",
  "IX",
  "X",
  "XI",
  "XII",
  "XIII",
  "XIV",
  "XV",
  "XVI",
  "XVII",
  "XVIII",
  "XIX",
  "XX",
  "XXI",
  "XXII",
  "XXIII",
  "XXIV",
  "XXV",
  "XXVI",
  "XXVII",
  "XXVIII",
  "XXIX",
  "XXX",
];
const inRoman = (text: string): Head[] =>
  [...text.matchAll(/^[ \t]*([IVX]{1,6})(?=[.):]?[ \t]+\S)[.):]?/gm)].flatMap((match): Head[] => {
    const [whole, code = ""] = match;
    const end = match.index + whole.length;
    const value = ROMAN.indexOf(code) + 1;
    return value > 0 ? [{ at: match.index, end, code, kind: "roman", value, weight: weighed(text, end, 0) }] : [];
  });

/** Codes of a table that are known by their column alone. */
const ofColumns = (text: string): Head[] =>
  [...text.matchAll(new RegExp(`^${CODE_OPENS}(.+?)${CODE_CLOSES}`, "gmu"))].map((match, i) => ({
    at: match.index,
    end: match.index + match[0].length,
    code: match[1] ?? "",
    kind: "column",
    value: i + 1,
    weight: 1.1,
  }));

/** Two to four capital letters that stand apart at the beginning of a row. */
function letterCodes(text: string): Head[] {
  const heads: Head[] = [];
  const seen = new Set<string>();
  for (const match of text.matchAll(/^[ \t]*([A-Z]{2,4})(?=[ \t]*[:|\t=]|[ \t]{2,}|[ \t]+-[ \t])/gm)) {
    const [whole, code = ""] = match;
    if (seen.has(code)) continue;
    seen.add(code);
    const end = match.index + whole.length;
    heads.push({
      at: match.index,
      end,
      code,
      kind: "letters",
      value: heads.length + 1,
      weight: 0.95 * weighed(text, end, 0),
    });
  }
  return heads;
}

/** What stands behind the name of a line: figures, a choice, or that it cannot be changed. */
const LIKE_VALUES = new RegExp(String.raw`\d|\/|,|\b(?:on|off|${anyOf("readOnly")}|${anyOf("or")})\b`);

const BULLET = String.raw`[ \t]*(?:[-*•·][ \t]*)?`;
const NAME = String.raw`(\p{L}[\p{L}\p{N} _./'-]{1,40}?)`;
const BEHIND_NAME = String.raw`(?::|\||\t|=|[ \t]{3,}|[ \t]-[ \t])`;

/** Words before a colon or a wide gap, where what follows looks like values. */
function wordHeads(text: string): Head[] {
  const heads: Head[] = [];
  const seen = new Set<string>();
  const row = new RegExp(`^${BULLET}${NAME}[ \\t]*${BEHIND_NAME}[ \\t]*(?=(\\S.*)$)`, "gmu");
  for (const match of text.matchAll(row)) {
    const [whole, name = "", values = ""] = match;
    const isSet = /=\s*$/.test(whole) && /^[\p{L}\d._-]+$/u.test(name);
    if ((!isSet && !LIKE_VALUES.test(folded(values))) || seen.has(name)) continue;
    seen.add(name);
    heads.push({
      at: match.index,
      end: match.index + whole.length,
      code: name,
      kind: "words",
      value: heads.length + 1,
      weight: 0.8,
    });
  }
  return heads;
}

export const headsOf = (text: string): readonly Head[] => [
  ...atRows(text),
  ...within(text),
  ...bracketed(text),
  ...alongArrows(text),
  ...inRoman(text),
  ...ofColumns(text),
  ...letterCodes(text),
  ...wordHeads(text),
];

/** Signs a scan takes one for another. */
const MISREAD: Readonly<Record<string, string>> = { o: "0", l: "1", i: "1", s: "5", b: "8", z: "2", "|": "1" };

/** Codes that only a misread sign keeps out of a series, each with the number it would be. */
export function misreadHeads(text: string, letters: string): readonly Head[] {
  const flat = folded(text);
  const row = new RegExp(String.raw`^${BEFORE}(${letters})([0-9olisbz|]{1,3})(?=[\s:.)=|])`, "gm");
  return [...flat.matchAll(row)].flatMap((match): Head[] => {
    const [whole, , digits = ""] = match;
    // Of codes without a prefix, only one with a figure left in it can be told from a word.
    if (/^\d+$/.test(digits) || !/\d/.test(letters + digits)) return [];
    const mended = digits.replace(/[a-z|]/g, (sign) => MISREAD[sign] ?? sign);
    const end = match.index + whole.length;
    const written = text.slice(end - digits.length - letters.length, end - digits.length);
    return [
      {
        at: match.index,
        end,
        code: written + mended,
        kind: `${letters}#`,
        value: valueOf(mended, undefined),
        weight: 1,
      },
    ];
  });
}
