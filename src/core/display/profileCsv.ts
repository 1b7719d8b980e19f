/**
 * A profile's lines as a spreadsheet: one row a line, what is common in columns of its own, what is peculiar to an
 * encoding in the last. Read back with row and field named for everything that does not fit.
 */
import Papa from "papaparse";
import * as v from "valibot";
import { drained } from "../units/drained";
import { usualOf } from "./encodings/cells/table";
import type { Encoding, Line } from "./profile";
import { EncodingSchema, LineSchema } from "./profileSchema";

const COLUMNS = [
  "code",
  "setting",
  "encoding",
  "from",
  "to",
  "step",
  "maker's",
  "ends",
  "maker only",
  "note",
  "options",
  "more",
] as const;
type Column = (typeof COLUMNS)[number];
type Row = Partial<Record<Column, string>>;

export interface CsvProblem {
  /** Row as counted in the file, the heading being row 1. */
  readonly row: number;
  readonly field: string;
  readonly detail: string;
}

export type CsvReading =
  | { readonly ok: true; readonly lines: readonly Line[] }
  | { readonly ok: false; readonly problems: readonly CsvProblem[] };

/** Writes lines as CSV text. */
export function writeLinesCsv(lines: readonly Line[]): string {
  const rows = lines.map(({ code, encoding, factoryRaw, atEnds, makerOnly, note, ...more }): Row => {
    const { kind, setting, ...shape } = encoding as Encoding & Record<string, unknown>;
    const { rawMin, rawMax, rawStep, options, ...peculiar } = shape as Record<string, unknown>;
    return {
      code,
      setting: setting ?? "",
      encoding: kind,
      from: text(rawMin),
      to: text(rawMax),
      step: text(rawStep),
      "maker's": factoryRaw === null ? "" : String(factoryRaw),
      ends: atEnds,
      "maker only": makerOnly ? "yes" : "no",
      note: note ?? "",
      options: options === undefined ? "" : JSON.stringify(options),
      more: JSON.stringify({ encoding: peculiar, line: more }),
    };
  });
  return Papa.unparse({ fields: [...COLUMNS], data: rows.map((row) => COLUMNS.map((column) => row[column] ?? "")) });
}

const text = (value: unknown): string => (value === undefined ? "" : String(value));

/** Reads CSV text back to lines: all of them, or the reasons why not. */
export const readLinesCsv = (csv: string): CsvReading => drained(readingLinesCsv(csv));

/** What the column of the maker's values was called in files written before. */
const OLDER_NAME = "factory";

/** The same in steps, each telling what share of the rows is read. */
export function* readingLinesCsv(csv: string): Generator<number, CsvReading> {
  let isOlder = false;
  const parsed = Papa.parse<Record<string, string>>(csv.trim(), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: (heading) => {
      if (heading.trim() !== OLDER_NAME) return heading.trim();
      isOlder = true;
      return "maker's";
    },
  });
  // A fault is told by the name the column has in this file.
  const named = (field: string): string => (isOlder && field === "maker's" ? OLDER_NAME : field);
  const missing = ["code", "encoding", "maker's"].filter((column) => !(parsed.meta.fields ?? []).includes(column));
  if (missing.length > 0)
    return {
      ok: false,
      problems: missing.map((field) => ({
        row: 1,
        field,
        detail: `the heading lacks this column; expected ${COLUMNS.join(", ")}`,
      })),
    };
  const problems: CsvProblem[] = [];
  const lines: Line[] = [];
  for (const [i, record] of parsed.data.entries()) {
    yield i / parsed.data.length;
    const found: CsvProblem[] = [];
    const line = lineOf(record, (field, detail) => found.push({ row: i + 2, field: named(field), detail }));
    if (line && found.length === 0) lines.push(line);
    problems.push(...found);
  }
  if (problems.length === 0 && lines.length === 0)
    problems.push({ row: 2, field: "code", detail: "no line in the file" });
  return problems.length > 0 ? { ok: false, problems: problems.slice(0, 50) } : { ok: true, lines };
}

type Report = (field: string, detail: string) => void;

function lineOf(record: Record<string, string>, report: Report): Line | null {
  const cell = (column: Column): string => (record[column] ?? "").trim();
  const whole = (column: Column): number | undefined => {
    if (cell(column) === "") return undefined;
    const value = Number(cell(column));
    if (Number.isInteger(value)) return value;
    report(column, `expected a whole number, found ${cell(column)}`);
    return undefined;
  };
  const json = (column: Column): unknown => {
    if (cell(column) === "") return undefined;
    try {
      return JSON.parse(cell(column)) as unknown;
    } catch {
      report(column, "expected JSON as this product writes it, or nothing");
      return undefined;
    }
  };
  const more = json("more");
  const { encoding: peculiar = {}, line: rest = {} } = isRecord(more) ? more : {};
  const shape = drop({
    kind: cell("encoding"),
    setting: cell("setting") === "" ? null : cell("setting"),
    rawMin: whole("from"),
    rawMax: whole("to"),
    rawStep: whole("step"),
    options: json("options"),
    ...(isRecord(peculiar) ? peculiar : {}),
  });
  const encoding = v.safeParse(EncodingSchema, { ...usualOf(shape), ...shape });
  if (!encoding.success)
    for (const issue of encoding.issues.slice(0, 3)) report(columnOf(v.getDotPath(issue) ?? ""), issue.message);
  const line = v.safeParse(LineSchema, {
    shownWhen: null,
    mattersWhen: null,
    effect: "not-tried",
    claims: [],
    ...(isRecord(rest) ? rest : {}),
    code: cell("code"),
    encoding: encoding.success ? encoding.output : { kind: "reserved", setting: null, rawMin: 0, rawMax: 9 },
    factoryRaw: whole("maker's") ?? null,
    atEnds: cell("ends") === "wrap" ? "wrap" : "stop",
    makerOnly: /^(yes|true|1)$/i.test(cell("maker only")),
    note: cell("note") === "" ? null : cell("note"),
  });
  if (!line.success)
    for (const issue of line.issues.slice(0, 3)) report(columnOf(v.getDotPath(issue) ?? ""), issue.message);
  return line.success && encoding.success ? line.output : null;
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const drop = (record: Record<string, unknown>): Record<string, unknown> =>
  Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined));

const FIELD_COLUMNS: Readonly<Record<string, Column>> = {
  rawMin: "from",
  rawMax: "to",
  rawStep: "step",
  factoryRaw: "maker's",
  kind: "encoding",
  atEnds: "ends",
  makerOnly: "maker only",
  "": "encoding",
};
const columnOf = (path: string): string => {
  const field = path.replace(/^encoding\./, "").split(".")[0] ?? "";
  return FIELD_COLUMNS[field] ?? field;
};
