/** What is typed in a field, and rows of a list pasted as a column: wheel codes, shares, fault codes. */
import { is } from "valibot";
import { typedNumber } from "../../units/typedNumber";
import type { SettingKey } from "../settings";
import { typedMeaning } from "../typedMeaning";
import type { DisplayProfile } from "../profile";
import { blank } from "./blank";
import type { FieldForm, FormOf } from "./grammar";

/** A field read from what was typed for it; undefined where it takes no such thing. */
export function typedValue(form: FieldForm, typed: string, setting: SettingKey | null): unknown {
  const text = typed.trim();
  switch (form.kind) {
    case "number": {
      const typedIn = form.facts.typedIn?.per ?? 1;
      // Of 2.35 s are held 2350 ms, and not 2349.99.
      const value = Number((typedNumber(text) * typedIn).toPrecision(12));
      return text !== "" && is(form.schema, value) ? value : undefined;
    }
    case "text":
      return is(form.schema, text) ? text : undefined;
    case "choice":
      return form.values.find((value) => String(value).toLowerCase() === text.toLowerCase());
    case "meaning":
      return (setting && typedMeaning(setting, text)) ?? undefined;
    case "may-lack":
      return text === "" ? form.lacking : typedValue(form.of, text, setting);
    default:
      return undefined;
  }
}

/** What stands in a field for a value, in the unit a hand types; empty where nothing does. */
export function typedText(form: FieldForm, value: unknown): string {
  if (value === null || value === undefined) return "";
  const per = (form.kind === "may-lack" ? form.of : form).facts.typedIn?.per ?? 1;
  return typeof value === "number" ? String(Number((value / per).toPrecision(9))) : String(value);
}

export type Pasted =
  | { readonly ok: true; readonly items: readonly unknown[] }
  /** The row that cannot be read, from 1, and the field of it. */
  | { readonly ok: false; readonly row: number; readonly field: string; readonly typed: string };

/** What stands in a cell. */
const CELLS: ReadonlySet<FieldForm["kind"]> = new Set(["number", "text", "choice", "meaning", "may-lack"]);

/** Fields of an item a column can hold, in their order. */
export const columnsOf = (form: FormOf<"list">): readonly string[] =>
  form.of.kind === "group"
    ? [...form.of.fields].filter(([, { kind }]) => CELLS.has(kind)).map(([name]) => name)
    : ["value"];

/** Cells of a row: between tabs, semicolons, or an equals sign; a single cell otherwise. */
const cellsOf = (row: string): readonly string[] => row.split(/\t|;|=|\s\|\s/).map((cell) => cell.trim());

/**
 * Items of a list from rows of text, each with its cells in the order of its fields. Where rows have one cell less, the
 * raw value is counted on.
 */
export function pastedItems(
  form: FormOf<"list">,
  text: string,
  setting: SettingKey | null,
  profile: DisplayProfile,
): Pasted {
  const rows = text.split(/\r?\n/).filter((row) => row.trim() !== "");
  const items: unknown[] = [];
  for (const [i, row] of rows.entries()) {
    const cells = cellsOf(row);
    const read =
      form.of.kind === "group"
        ? rowOf(form.of, cells, items.length, setting, profile)
        : { value: typedValue(form.of, row, setting), field: "value", typed: row };
    if (read.value === undefined) return { ok: false, row: i + 1, field: read.field, typed: read.typed };
    items.push(read.value);
  }
  return { ok: true, items };
}

function rowOf(
  form: FormOf<"group">,
  cells: readonly string[],
  at: number,
  setting: SettingKey | null,
  profile: DisplayProfile,
) {
  const names = [...form.fields.keys()];
  // Without a raw value of its own, a row is the next one.
  const counted = names[0] === "raw" && cells.length > 0 && cells.length < asked(form) ? [String(at), ...cells] : cells;
  const item: Record<string, unknown> = {};
  for (const [i, [name, field]] of [...form.fields].entries()) {
    const typed = counted[i];
    // A cell that is missing is empty; what no cell can hold begins with the least there is.
    const value = CELLS.has(field.kind) ? typedValue(field, typed ?? "", setting) : blank(field, profile);
    if (value === undefined && field.kind !== "may-lack") return { value: undefined, field: name, typed: typed ?? "" };
    if (value !== undefined) item[name] = value;
  }
  return { value: item, field: "", typed: "" };
}

/** Fields a row has to have. */
const asked = (form: FormOf<"group">): number =>
  [...form.fields.values()].filter(({ kind }) => kind !== "may-lack").length;
