/**
 * The leaflet reader: text pasted in whatever shape, numbered lines, tables or prose, comes out as proposed lines, each
 * with how sure the reader is and why not more. It says when it does not know; a wrong line believed is worse than one
 * left open.
 */
import { SURE_FROM } from "./unsure";
import { drained } from "../units/drained";
import { typedDecimals, typedNumber } from "../units/typedNumber";
import { rawValues, readShown } from "./encoding";
import type { Encoding } from "./profile";
import { AGAINST, PHRASES, VALUE_PHRASES } from "./leafletWords";
import { inDomain, SETTING_KEYS, SETTINGS, type SettingKey } from "./settings";

export type Sureness = "sure" | "guess" | "unknown";

export interface ReadLine {
  readonly code: string;
  /** What the leaflet calls it, as it stands there. */
  readonly text: string;
  readonly setting: SettingKey | null;
  /** 0 to 1. */
  readonly confidence: number;
  readonly sureness: Sureness;
  readonly encoding: Encoding;
  readonly factoryRaw: number | null;
  /** What the reader could not make out. */
  readonly doubts: readonly Doubt[];
}

export type Doubt =
  "no-setting" | "two-settings" | "options-not-understood" | "no-range" | "no-default" | "default-not-in-range";

export interface LeafletReading {
  readonly lines: readonly ReadLine[];
  /** Rows nothing was made of. */
  readonly leftOver: readonly string[];
}

/** From here on the reader stands by a line; from the lower figure on it offers it as a guess. */
export const GUESS_FROM = 0.4;

interface RawLine {
  readonly code: string;
  text: string;
}

// ── rows ────────────────────────────────────────────────────────────────────────────────────────────────────────────

const tidyText = (text: string): string =>
  text
    .replace(/\r/g, "")
    .replace(/[‐‑‒–—−]/g, "-")
    .replace(/[：]/g, ":")
    .replace(/[，；]/g, ",")
    .replace(/[（]/g, "(")
    .replace(/[）]/g, ")")
    .replace(/\u00a0/g, " ");

/** A row that opens a line: its code, and the rest. */
const HEAD =
  /^\s*(?:[-*•·]\s+)?(?:(?:menu|item|line|no\.?|set(?:ting)?|param(?:eter)?|code|step)\s*(?:no\.?\s*)?)?(?:["'[(<]\s*)?([a-z]{0,3}[-_.]?\d{1,3}(?:[-.]\d{1,2})?|[a-z]{1,2}\d?)(?:\s*["'\])>])?\s*(?:[:.)=|\t]|-(?=\s)|\s{1,}|$)\s*(.*)$/i;
const COLUMNS = /\s*\|\s*|\t+|\s{3,}/;

interface Head {
  readonly code: string;
  readonly rest: string;
}

const cellsOf = (row: string): readonly string[] =>
  row
    .trim()
    .replace(/^\||\|$/g, "")
    .trim()
    .split(COLUMNS)
    .filter((cell) => cell.trim() !== "");

/** Which column of a table holds the default, by its heading; -1 where there is no such table. */
function defaultColumn(rows: readonly string[]): number {
  for (const row of rows) {
    const cells = cellsOf(row);
    const at = cells.findIndex(
      (cell) => /^(default|factory|preset|initial|standard|std)\b/i.test(cell.trim()) && !/\d/.test(cell),
    );
    if (cells.length >= 3 && at > 0) return at;
  }
  return -1;
}

function headOf(row: string, defaultAt: number): Head | null {
  const cells = cellsOf(row).map((cell, i, all) =>
    i === defaultAt && all.length > 2 && !DEFAULT.test(cell) ? `default ${cell}` : cell,
  );
  const match = HEAD.exec(cells.length > 1 ? `${cells[0] ?? ""}: ${cells.slice(1).join(" ; ")}` : row);
  if (!match) return null;
  const [, code = "", rest = ""] = match;
  if (!/\d/.test(code) && cells.length < 2) return null;
  return /[a-z]{3}/i.test(rest) ? { code, rest: rest.trim() } : null;
}

/** The pattern of a code: letters as letters, digits as digits, so that codes of one menu look alike. */
const shapeOf = (code: string): string => code.replace(/[a-z]+/gi, "a").replace(/\d+/g, "1");

/** Share of the whole work that goes into finding heads, putting rows together, and reading what each line means. */
const SHARE = { heads: 0.25, rows: 0.15 } as const;

function* rowsOf(text: string): Generator<number, { readonly lines: RawLine[]; readonly leftOver: string[] }> {
  const rows = tidyText(text)
    .split("\n")
    .map((row) => row.trimEnd());
  const defaultAt = defaultColumn(rows);
  const heads: (Head | null)[] = [];
  for (const row of rows) {
    heads.push(headOf(row, defaultAt));
    yield (SHARE.heads * heads.length) / rows.length;
  }
  const counts = new Map<string, number>();
  for (const head of heads) if (head) counts.set(shapeOf(head.code), (counts.get(shapeOf(head.code)) ?? 0) + 1);
  const usual = [...counts].sort((a, b) => b[1] - a[1] || b[0].length - a[0].length)[0]?.[0];
  // Codes with a letter or a hyphen in them win over bare numbers, which then are options of the line above.
  const marked = [...counts].filter(([shape]) => shape !== "1").sort((a, b) => b[1] - a[1])[0];
  const shape = marked && marked[1] >= 3 ? marked[0] : usual;
  const lines: RawLine[] = [];
  const leftOver: string[] = [];
  const codes = new Set<string>();
  for (const [i, row] of rows.entries()) {
    yield SHARE.heads + (SHARE.rows * i) / rows.length;
    if (row.trim() === "" || /^[\s|+=:-]+$/.test(row)) continue;
    const head = heads[i] ?? null;
    const last = lines[lines.length - 1];
    const fits = head !== null && shapeOf(head.code) === shape && !isOption(row, head, last) && !codes.has(head.code);
    if (head && fits) {
      codes.add(head.code);
      lines.push({ code: head.code, text: head.rest });
    } else if (last && /^[\s|]|^[-*•·]|^\d+\s*[=:.-]|^\(/.test(row)) last.text += ` ; ${row.trim()}`;
    else if (last && !head && /[a-z]/.test(row) && !/^[A-Z][^.]{0,60}:?$/.test(row.trim()))
      last.text += ` ; ${row.trim()}`;
    else leftOver.push(row.trim());
  }
  return { lines, leftOver };
}

/** "0 = km/h" under a line is an option of it, not the next line. */
function isOption(row: string, head: Head, last: RawLine | undefined): boolean {
  if (!last || !/^\d+$/.test(head.code)) return false;
  if (/^\s+\S/.test(row) && Number(head.code) <= 9) return true;
  const expected = /^\d+$/.test(last.code) ? Number(last.code) + 1 : Number.NaN;
  return (
    /^\s*\d+\s*=/.test(row) ||
    (Number(head.code) !== expected && Number(head.code) < 10 && Number(head.code) < expected && /[:=]/.test(row))
  );
}

// ── what a line means ───────────────────────────────────────────────────────────────────────────────────────────────

interface Match {
  readonly setting: SettingKey;
  readonly score: number;
}

const UNIT_HINTS: readonly {
  readonly words: RegExp;
  readonly settings: readonly SettingKey[];
  readonly weight: number;
}[] = [
  { words: /\d\s*(km\/h|kmh|kph|mph)\b/i, settings: ["assistCapKmh", "throttleCapKmh", "walkAssistKmh"], weight: 0.12 },
  { words: /\d\s*(v|volts?)\b/i, settings: ["cutOffV", "nominalV"], weight: 0.12 },
  { words: /\d\s*(a|amps?)\b/i, settings: ["currentLimitA"], weight: 0.15 },
  { words: /\d\s*(mm|inch|inches|")/i, settings: ["circumferenceMm"], weight: 0.15 },
  { words: /\d\s*(min|minutes?)\b/i, settings: ["autoOffMin"], weight: 0.12 },
];

/** How well each setting fits a line's words, best first. */
function matchesOf(name: string, whole: string): readonly Match[] {
  return SETTING_KEYS.flatMap((setting): Match[] => {
    const phrases = PHRASES[setting];
    if (!phrases) return [];
    const inName = Math.max(0, ...phrases.filter((phrase) => phrase.words.test(name)).map((phrase) => phrase.weight));
    const inWhole = Math.max(
      0,
      ...phrases.filter((phrase) => phrase.words.test(whole)).map((phrase) => phrase.weight * 0.75),
    );
    const base = Math.max(inName, inWhole);
    if (base === 0) return [];
    const hint = UNIT_HINTS.filter((each) => each.settings.includes(setting) && each.words.test(whole)).reduce(
      (sum, each) => sum + each.weight,
      0,
    );
    const against = AGAINST[setting]?.test(name) ? 0.45 : 0;
    return [{ setting, score: Math.min(1, base + hint) - against }];
  })
    .filter((match) => match.score > 0.1)
    .sort((a, b) => b.score - a.score);
}

interface Option {
  readonly raw: number;
  readonly text: string;
}

/** "0: km/h, 1 = mph", "0 means off / 1 means on". */
function optionsOf(text: string): readonly Option[] {
  const found = [
    ...text.matchAll(
      /(?:^|[\s,;/(])(\d{1,3})\s*(?:=|:|->|-(?=\s*[a-z])|\bmeans\b|\bis\b|\bfor\b|\bstands for\b|\s(?=[a-z]))\s*([^,;/|)=]*?[a-z%°][^,;/|)=]*?)(?=\s*(?:[,;/|)]|\.\s|\.$|$|\bor\b\s+\d|\s\d{1,3}\s*(?:=|:|\bmeans\b|\bis\b)))/gi,
    ),
  ];
  const options = found
    .map((match) => ({ raw: Number(match[1]), text: (match[2] ?? "").trim() }))
    .filter(
      (option) =>
        option.text !== "" &&
        !/^(km\/?h|mph|v|a|mm|inch\w*|min\w*|s|sec\w*|%|volts?|amps?)\b[^a-z]*$/i.test(option.text),
    );
  // Numbers that count up from 0 or 1 are options, whatever stands beside them: "0 km/h, 1 mph".
  const raws = found.map((match) => Number(match[1]));
  const counted =
    raws.length >= 2 && (raws[0] ?? 9) <= 1 && raws.every((raw, i) => i === 0 || raw === (raws[i - 1] ?? 0) + 1);
  const unitOptions = found
    .map((match) => ({ raw: Number(match[1]), text: (match[2] ?? "").trim() }))
    .filter(
      (option) =>
        /^(km\/?h|mph|%|volts?|amps?|watts?)/i.test(option.text) && (counted || /[=:]|means|is|for/.test(text)),
    );
  const all = options.length >= 2 ? options : [...options, ...unitOptions];
  return all
    .filter((option, i) => all.findIndex((other) => other.raw === option.raw) === i)
    .sort((a, b) => a.raw - b.raw);
}

interface Span {
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly decimals: number;
}

/** "10-50 km/h", "from 3 to 15", "range 28.0 ~ 44.5 step 0.5". */
function spanOf(text: string): Span | null {
  const match =
    /(?:^|[^\w.])(-?\d{1,4}(?:[.,]\d+)?)\s*(?:v|a|km\/h|kmh|mph|mm|inch|"|min|s|%)?\s*(?:-|~|\bto\b|\.\.\.?|…)\s*(-?\d{1,4}(?:[.,]\d+)?)/i.exec(
      text,
    );
  if (!match) return null;
  const [, low = "", high = ""] = match;
  const step = /\bsteps?\s*(?:of|:|=|is)?\s*(\d+(?:[.,]\d+)?)/i.exec(text)?.[1];
  const decimals = Math.max(typedDecimals(low), typedDecimals(high), step ? typedDecimals(step) : 0);
  const min = typedNumber(low);
  const max = typedNumber(high);
  if (!(max > min)) return null;
  return { min, max, step: step ? typedNumber(step) : decimals > 0 ? 1 / 10 ** decimals : 1, decimals };
}

const DEFAULT =
  /\b(?:default(?:ed)?|factory|preset|initial|standard|std|ex[- ]?works)\b(?:\s*(?:value|setting|is|at|to|set))*\s*[:=]?\s*(-?\d+(?:[.,]\d+)?|[a-z/%]+)/i;
const TRAILING_DEFAULT = /[([]\s*(?:def\.?|d)\s*[:=.]?\s*(-?\d+(?:[.,]\d+)?)\s*[)\]]/i;

// ── the encoding ────────────────────────────────────────────────────────────────────────────────────────────────────

interface Shaped {
  readonly encoding: Encoding;
  readonly doubts: readonly Doubt[];
}

const UNKNOWN_ENCODING = (span: Span | null, options: readonly Option[]): Encoding => ({
  kind: "reserved",
  setting: null,
  rawMin: span ? Math.round(span.min) : (options[0]?.raw ?? 0),
  rawMax: Math.min(span ? Math.round(span.max) : (options[options.length - 1]?.raw ?? 9), 9999),
});

function meaningsOf(setting: SettingKey, options: readonly Option[]): readonly (number | boolean | string)[] | null {
  const words = VALUE_PHRASES[setting] ?? [];
  const { domain } = SETTINGS[setting];
  const means = options.map(({ text }): number | boolean | string | undefined => {
    const word = words.find((each) => each.words.test(text));
    if (word) return word.means;
    const figure = /-?\d+(?:[.,]\d+)?/.exec(text)?.[0];
    return domain.kind === "number" && figure !== undefined ? typedNumber(figure) : undefined;
  });
  const known = means.filter(
    (each): each is number | boolean | string => each !== undefined && inDomain(setting, each),
  );
  return known.length === options.length && new Set(known).size === known.length ? known : null;
}

const SPEED_CAPS: ReadonlySet<SettingKey> = new Set<SettingKey>(["assistCapKmh", "throttleCapKmh"]);

/** A speed cap by its range: the unit it is held in, the end that means none. What it compares with nobody states. */
function shapeCap(setting: SettingKey, span: Span, text: string): Shaped {
  const rawMin = Math.round(span.min);
  const rawMax = Math.round(span.max);
  const uncapped = new RegExp(
    `\\b(${rawMax}|${rawMin})\\b\\s*(?:=|:|means|is|for)?\\s*(?:no|un|without|not)\\s*-?(?:limit|cap|restrict)`,
    "i",
  ).exec(text)?.[1];
  return {
    encoding: {
      kind: "speed-cap",
      setting: setting === "throttleCapKmh" ? "throttleCapKmh" : "assistCapKmh",
      heldIn: /\d\s*mph\b/i.test(text) && !/km/i.test(text) ? "mph" : "kmh",
      rawMin,
      rawMax,
      uncappedRaw: uncapped ? Number(uncapped) : null,
      uncappedShows: null,
      basis: "unknown",
      endsThrottle: false,
      lowersPower: false,
    },
    doubts: [],
  };
}

function shape(setting: SettingKey, options: readonly Option[], span: Span | null, text: string): Shaped {
  const { domain } = SETTINGS[setting];
  if (SPEED_CAPS.has(setting) && span) return shapeCap(setting, span, text);
  if (setting === "circumferenceMm") return shapeWheel(options, span, text);
  if (options.length >= 2) {
    const means = meaningsOf(setting, options);
    if (means)
      return {
        encoding: {
          kind: "choice",
          setting,
          options: options.map((option, i) => ({ raw: option.raw, shows: String(option.raw), means: means[i] ?? 0 })),
        },
        doubts: [],
      };
    if (domain.kind !== "number")
      return { encoding: UNKNOWN_ENCODING(span, options), doubts: ["options-not-understood"] };
  }
  const listed = listOf(text);
  if (domain.kind === "number" && !span && listed.length >= 2 && listed.every((value) => inDomain(setting, value)))
    return {
      encoding: {
        kind: "choice",
        setting,
        options: listed.map((value) => ({ raw: value, shows: String(value), means: value })),
      },
      doubts: [],
    };
  if (domain.kind === "flag" && span?.min === 0 && span.max === 1)
    return {
      encoding: {
        kind: "choice",
        setting,
        options: [
          { raw: 0, shows: "0", means: false },
          { raw: 1, shows: "1", means: true },
        ],
      },
      doubts: ["options-not-understood"],
    };
  if (domain.kind !== "number")
    return {
      encoding: UNKNOWN_ENCODING(span, options),
      doubts: [options.length > 0 ? "options-not-understood" : "no-range"],
    };
  if (!span)
    return {
      encoding: {
        kind: "unknown-scale",
        setting,
        rawMin: 0,
        rawMax: 9,
        larger: "unknown",
        noneRaw: null,
        measured: [],
      },
      doubts: ["no-range"],
    };
  return shapeNumber(setting, span);
}

function shapeNumber(setting: SettingKey, span: Span): Shaped {
  const inside = inDomain(setting, span.min) && inDomain(setting, span.max);
  // A plain small count where a share or some other scale is meant: the scale is not stated.
  if (!inside || SETTINGS[setting].unit === "share")
    return {
      encoding: {
        kind: "unknown-scale",
        setting,
        rawMin: Math.round(span.min),
        rawMax: Math.round(span.max),
        larger: "unknown",
        noneRaw: null,
        measured: [],
      },
      doubts: [],
    };
  const per = span.step < 1 || span.decimals > 0 ? 1 / 10 ** Math.max(span.decimals, 1) : 1;
  return {
    encoding: {
      kind: "number",
      setting,
      rawMin: Math.round(span.min / per),
      rawMax: Math.round(span.max / per),
      rawStep: Math.max(1, Math.round(span.step / per)),
      perRaw: per,
      offset: 0,
      shownPer: per,
      shownOffset: 0,
      decimals: per === 1 ? 0 : Math.max(span.decimals, 1),
      special: [],
    },
    doubts: [],
  };
}

/** "12, 16, 20, 24, 26" or "36V/48V". */
function listOf(text: string): readonly number[] {
  const run =
    /(\d{1,4}(?:[.,]\d)?)(?:\s*(?:v|inch|"|in|a)?\s*(?:[,/、]|\bor\b|\band\b)\s*\d{1,4}(?:[.,]\d)?)+/i.exec(
      text.replace(/(\d),(\d{1})(?=\D|$)/g, "$1, $2"),
    )?.[0] ?? "";
  return [...new Set([...run.matchAll(/\d{1,4}(?:[.]\d)?/g)].map((match) => typedNumber(match[0])))];
}

function shapeWheel(options: readonly Option[], span: Span | null, text: string): Shaped {
  const codes = (entries: readonly { raw: number; shows: string; inch: number }[]): Encoding => ({
    kind: "wheel-code",
    setting: "circumferenceMm",
    codes: entries.map((entry) => ({ ...entry, circumferenceMm: null })),
    circumferenceUncertainty: 0.03,
  });
  const inchOf = (value: number): number => (value === 700 ? 28 : value);
  const isInch = (value: number): boolean => inchOf(value) >= 5 && inchOf(value) <= 40;
  const coded = options.flatMap((option) => {
    const figure = /\d+(?:[.,]\d+)?/.exec(option.text)?.[0];
    return figure && isInch(typedNumber(figure))
      ? [{ raw: option.raw, shows: String(option.raw), inch: inchOf(typedNumber(figure)) }]
      : [];
  });
  if (coded.length >= 2 && coded.length === options.length) return { encoding: codes(coded), doubts: [] };
  if (span && span.min >= 500 && span.max <= 3200)
    return {
      encoding: {
        kind: "wheel-size",
        setting: "circumferenceMm",
        heldIn: "mm",
        rawMin: span.min,
        rawMax: span.max,
        circumferenceUncertainty: 0.03,
      },
      doubts: [],
    };
  const listed = listOf(text).filter(isInch);
  if (listed.length >= 3)
    return {
      encoding: codes(
        [...listed]
          .sort((a, b) => inchOf(a) - inchOf(b))
          .map((value, raw) => ({ raw, shows: String(value), inch: inchOf(value) })),
      ),
      doubts: [],
    };
  if (span && isInch(span.min) && isInch(span.max))
    return span.decimals > 0 || span.step < 1
      ? {
          encoding: {
            kind: "wheel-size",
            setting: "circumferenceMm",
            heldIn: "tenth-inch",
            rawMin: Math.round(span.min * 10),
            rawMax: Math.round(span.max * 10),
            circumferenceUncertainty: 0.03,
          },
          doubts: [],
        }
      : {
          encoding: codes(
            Array.from({ length: Math.round(span.max - span.min) + 1 }, (_, i) => ({
              raw: span.min + i,
              shows: String(span.min + i),
              inch: span.min + i,
            })),
          ),
          doubts: [],
        };
  return { encoding: UNKNOWN_ENCODING(span, options), doubts: ["no-range"] };
}

// ── putting it together ─────────────────────────────────────────────────────────────────────────────────────────────

/** What a shown value is as a raw one, for the default a leaflet states; null where the line has none such. */
function rawOfShown(encoding: Encoding, shown: string): number | null {
  const reading = readShown(encoding, shown);
  if (reading.ok) return reading.raw;
  // A leaflet may count options where the display shows words.
  const counted = typedNumber(shown);
  return rawValues(encoding).includes(counted) ? counted : null;
}

/** The name of a line: what stands before its range, its options or its default. */
const nameOf = (text: string): string =>
  text.split(/[;|]|\b(?:range|default|factory|options?)\b|[(:]|\s-\s|\d+\s*(?:=|:)/i)[0]?.trim() || text.slice(0, 60);

function readOne({ code, text }: RawLine): ReadLine {
  const name = nameOf(text);
  const options = optionsOf(text.replace(DEFAULT, " ").replace(TRAILING_DEFAULT, " "));
  const span = spanOf(text.replace(DEFAULT, " "));
  const matches = matchesOf(name, text);
  const [best, second] = matches;
  const doubts: Doubt[] = [];
  let confidence = best?.score ?? 0;
  if (!best) doubts.push("no-setting");
  else if (second && best.score - second.score < 0.12) {
    doubts.push("two-settings");
    confidence *= 0.6;
  }
  const believed = best && confidence >= GUESS_FROM ? best.setting : null;
  const shaped: Shaped = believed
    ? shape(believed, options, span, text)
    : { encoding: UNKNOWN_ENCODING(span, options), doubts: [] };
  doubts.push(...shaped.doubts);
  if (shaped.doubts.includes("options-not-understood")) confidence *= 0.55;
  else if (shaped.doubts.includes("no-range")) confidence *= 0.75;
  const stated = (DEFAULT.exec(text) ?? TRAILING_DEFAULT.exec(text))?.[1];
  const raw = stated === undefined ? null : rawOfShown(shaped.encoding, stated);
  if (stated === undefined || Number.isNaN(typedNumber(stated))) doubts.push("no-default");
  else if (raw === null) doubts.push("default-not-in-range");
  const setting = shaped.encoding.setting === null ? null : believed;
  const sureness: Sureness = setting === null ? "unknown" : confidence >= SURE_FROM ? "sure" : "guess";
  return {
    code,
    text: text.trim(),
    setting,
    confidence: Math.max(0, Math.min(1, confidence)),
    sureness,
    encoding: shaped.encoding,
    factoryRaw: raw ?? null,
    doubts,
  };
}

/** Reads pasted text. Never fails: what cannot be made out is said to be unknown. */
export const readLeaflet = (text: string): LeafletReading => drained(readingLeaflet(text));

/** The same in steps, each telling what share of the work is done, so that a long text can be read in slices. */
export function* readingLeaflet(text: string): Generator<number, LeafletReading> {
  const { lines, leftOver } = yield* rowsOf(text);
  const read: ReadLine[] = [];
  for (const line of lines) {
    read.push(readOne(line));
    yield SHARE.heads + SHARE.rows + ((1 - SHARE.heads - SHARE.rows) * read.length) / lines.length;
  }
  return { lines: read, leftOver };
}
