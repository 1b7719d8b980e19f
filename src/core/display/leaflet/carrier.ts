/**
 * What carried a text on its way here, undone before it is read: quotation marks of a mail, times of a chat, words
 * broken at the end of a narrow row, names and values in a program's braces.
 */

import { anyHeading, anyOf } from "./grammar";
import { folded } from "./normalise";

/** Marks of a mail that quotes another: two or more, or one before most rows. */
const QUOTED = /^[ \t]*(?:>[ \t]*)+/;
const QUOTED_TWICE = /^[ \t]*(?:>[ \t]*){2,}/;
const MOST = 0.5;

function unquoted(rows: readonly string[]): readonly string[] {
  const told = rows.filter((row) => row.trim() !== "");
  const isMail = told.filter((row) => QUOTED.test(row)).length > told.length * MOST;
  return rows.map((row) => row.replace(isMail ? QUOTED : QUOTED_TWICE, ""));
}

/** "[10:02] Jo: 1 light", "3/5/26, 10:02 - Jo: 1 light". */
const IN_BRACKETS = String.raw`\[(?:[\d./-]+,?\s+)?\d{1,2}[:.]\d{2}(?:[:.]\d{2})?\]`;
const WITH_DAY = String.raw`[\d./-]+,\s+\d{1,2}:\d{2}(?:\s+-)?`;
const STAMP = new RegExp(String.raw`^[ \t]*(?:${IN_BRACKETS}|${WITH_DAY})[ \t]*(?:[\p{L}][^:\n]{0,30}:)?[ \t]*`, "u");
const FEWEST_STAMPS = 3;

function unstamped(rows: readonly string[]): readonly string[] {
  return rows.filter((row) => STAMP.test(row)).length >= FEWEST_STAMPS
    ? rows.map((row) => row.replace(STAMP, ""))
    : rows;
}

/** A row that goes on in the next, whatever that begins with. */
const GOES_ON = new RegExp(String.raw`(?:,|(?<![\p{L}])(?:${anyOf("goesOn")}))$`, "iu");
/** Rows no longer than this are those of a narrow column. */
const NARROW = 90;
const BEGINS_LINE = /^\s*(?:[-*•·>#]|\d{1,3}(?:[-.]\d{1,2})?[.:)=]?\s|[A-Za-z]{1,3}[-_.]?\d|\S+\s*[:=|])/;
const FEWEST_WRAPPED = 3;

/** Rows that end where the next word would not have fitted, joined; a word parted by a hyphen is whole again. */
function unwrapped(rows: readonly string[]): readonly string[] {
  const lengths = rows.map(({ length }) => length).sort((a, b) => a - b);
  const width = lengths[Math.floor(lengths.length * 0.95)] ?? 0;
  if (width > NARROW) return rows;
  const joins = rows.map((row, i) => {
    const next = rows[i + 1]?.trim() ?? "";
    if (row.trim() === "" || next === "") return null;
    const isHyphened = /\p{Ll}{2}-$/u.test(row) && /^\p{Ll}/u.test(next);
    const [word = ""] = next.split(" ");
    const isFull = row.trimEnd().length + 1 + word.length > width;
    const goesOn = GOES_ON.test(row.trimEnd()) || (/^\p{Ll}/u.test(next) && !BEGINS_LINE.test(next));
    return isHyphened ? "" : isFull && goesOn && !/[.:;)\]]$/.test(row.trimEnd()) ? " " : null;
  });
  if (joins.filter((join) => join !== null).length < FEWEST_WRAPPED) return rows;
  const whole: string[] = [];
  let open: string | null = null;
  for (const [i, row] of rows.entries()) {
    const before: string = open ?? "";
    const text: string = open === null ? row : before + row.trimStart();
    const join = joins[i] ?? null;
    if (join === null) whole.push(text);
    open = join === null ? null : join === "" ? text.replace(/-$/, "") : `${text.trimEnd()} `;
  }
  return whole;
}

/** A field of a record: what it is called, and what it says. */
const FIELD = /^\s*[-*•]?\s*(\p{L}[\p{L} ]{1,20}?)\s*[:=]\s*(.+)$/u;
const CODE_FIELD = new RegExp(`^(?:${anyHeading("code")})$`, "u");
const SHORT_CODE = /^[\w.-]{1,8}$/;
const FEWEST_RECORDS = 3;

/**
 * Records of a title and its fields, "Brightness / Code: 07 / Range: 1 to 5", told a row each; as they were where the
 * same field names do not come again and again.
 */
function asRows(rows: readonly string[]): readonly string[] {
  const records: { from: number; to: number; title: string; fields: [string, string][] }[] = [];
  for (const [i, row] of rows.entries()) {
    const field = FIELD.exec(row);
    const last = records.at(-1);
    const isTitle = !field && row.trim() !== "" && FIELD.test(rows[i + 1] ?? "");
    if (isTitle) records.push({ from: i, to: i, title: row.trim(), fields: [] });
    else if (field && last?.to === i - 1) {
      last.fields.push([(field[1] ?? "").trim(), (field[2] ?? "").trim()]);
      last.to = i;
    }
  }
  const coded = records.filter(({ fields }) =>
    fields.some(([name, value]) => CODE_FIELD.test(folded(name)) && SHORT_CODE.test(value)),
  );
  if (coded.length < FEWEST_RECORDS) return rows;
  return rows.flatMap((row, i) => {
    const record = coded.find(({ from, to }) => i >= from && i <= to);
    if (!record) return [row];
    if (record.from !== i) return [];
    const isCode = ([name]: readonly [string, string]): boolean => CODE_FIELD.test(folded(name));
    const code = record.fields.find(isCode)?.[1] ?? "";
    const others = record.fields.filter((field) => !isCode(field)).map(([name, value]) => `${name} ${value}`);
    return [`${code} : ${[record.title, ...others].join(" ; ")}`];
  });
}

/** A star at a value: how it is delivered. */
const STARRED = /(?<=\S\s+)(?:\*(\d[\d.]*)|([\p{L}\d.]+)\*)(?=\s|$)/u;
const FEWEST_STARRED = 3;

/** "1  2  3*" as "1 / 2 / 3 ; default 3", where a star at one value is the way of the whole text. */
function unstarred(rows: readonly string[]): readonly string[] {
  const starred = rows.filter((row) => STARRED.test(row) && row.split("*").length === 2).length;
  if (starred < FEWEST_STARRED) return rows;
  return rows.map((row) => {
    const [, alone, oneOf] = row.split("*").length === 2 ? (STARRED.exec(row) ?? []) : [];
    if (alone !== undefined) return row.replace(STARRED, `; default ${alone}`);
    if (oneOf === undefined) return row;
    const cells = row.trim().split(/\s{2,}/);
    const at = cells.indexOf(`${oneOf}*`);
    const isWord = (cell: string): boolean => !/\s/.test(cell);
    // The cells around it, up to the first of several words, are its list.
    const from = cells.findLastIndex((cell, i) => i < at && !isWord(cell)) + 1;
    const first = from === 0 ? Math.min(2, at) : from;
    const list = cells.slice(first).map((cell) => cell.replace("*", ""));
    return [...cells.slice(0, first), list.join(" / "), `; default ${oneOf}`].join("   ");
  });
}

type Cell = string | number | boolean | null;
const isCell = (value: unknown): value is Cell =>
  value === null || ["string", "number", "boolean"].includes(typeof value);

/** What one thing of a program's file says of itself; its parts apart by semicolons. */
function partsOf(entry: Readonly<Record<string, unknown>>): string {
  const { min, max, unit, ...others } = entry;
  const span =
    isCell(min ?? null) && min != null && max != null
      ? [`${String(min)} - ${String(max)} ${isCell(unit ?? null) && unit != null ? String(unit) : ""}`]
      : [];
  const rest = Object.entries(span.length > 0 ? others : entry).flatMap(([key, value]) =>
    Array.isArray(value)
      ? [`${key} ${value.filter(isCell).join(" / ")}`]
      : isCell(value)
        ? [/^\d+$/.test(key) ? `${key} = ${String(value)}` : `${key} ${String(value)}`]
        : [partsOf(value as Record<string, unknown>)],
  );
  return [...span, ...rest].join(" ; ");
}

const CODE_KEYS = ["code", "id", "key", "line", "no", "nr", "index"];

/** A program's file told row by row; null where the text is none. */
function spelledOut(text: string): string | null {
  if (!/^\s*[[{]/.test(text)) return null;
  let held: unknown;
  try {
    held = JSON.parse(text);
  } catch {
    return null;
  }
  const isEntry = (value: unknown): value is Record<string, unknown> =>
    typeof value === "object" && value !== null && !Array.isArray(value);
  const rows = Array.isArray(held)
    ? held.filter(isEntry).map((entry): readonly [string, Record<string, unknown>] => {
        const key = CODE_KEYS.find((each) => isCell(entry[each] ?? null) && entry[each] != null) ?? "";
        const { [key]: code, ...others } = entry;
        return [String(code ?? ""), others];
      })
    : isEntry(held)
      ? Object.entries(held).flatMap(([code, entry]): readonly (readonly [string, Record<string, unknown>])[] =>
          isEntry(entry) ? [[code, entry]] : [],
        )
      : [];
  return rows.length > 0 ? rows.map(([code, entry]) => `${code} : ${partsOf(entry)}`).join("\n") : null;
}

/** The text as whoever wrote it meant its rows. */
export function asWritten(text: string): string {
  const spelled = spelledOut(text);
  if (spelled !== null) return spelled;
  return unstarred(asRows(unwrapped(unstamped(unquoted(text.split("\n")))))).join("\n");
}
