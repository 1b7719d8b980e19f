/**
 * How a kind of encoding is described: the cells of the grid, and a row of a spreadsheet written by hand. Apart from
 * what the kind does, as only the workbench and the importer ask it.
 */
import { typedNumber } from "../../../units/typedNumber";
import type { Encoding } from "../../profileTypes";
import type { EncodingOf } from "../kind";

/** Cells of a line as the workbench has them typed. */
export type CellField = "from" | "to" | "step" | "options";

/** What a cell would take. */
export type CellAccepted = "whole-number" | "above-from" | "a-value-it-shows" | "options" | "wheel-options";

/** What a kind of encoding is described by: the cells of the grid, and a row of a spreadsheet written by hand. */
export interface EncodingCells<Kind extends Encoding["kind"]> {
  /** What stands in the cells; those that do not apply are left out. */
  readonly cells: (encoding: EncodingOf<Kind>) => { readonly [Field in CellField]?: string };
  /** The encoding with a cell typed anew, or what the cell would take. */
  readonly withCell: (encoding: EncodingOf<Kind>, field: CellField, typed: string) => EncodingOf<Kind> | CellAccepted;
  /** What a row written by hand may leave out. */
  readonly usual: (row: Readonly<Record<string, unknown>>) => Readonly<Record<string, unknown>>;
}

/** The cells of a kind that holds whole numbers from one to another. */
export const rangedCells = {
  cells: ({ rawMin, rawMax }: { readonly rawMin: number; readonly rawMax: number }) => ({
    from: String(rawMin),
    to: String(rawMax),
  }),
  withCell: <Ranged extends { readonly rawMin: number; readonly rawMax: number }>(
    encoding: Ranged,
    field: CellField,
    typed: string,
  ): Ranged | CellAccepted => {
    const value = typedNumber(typed);
    if (!Number.isInteger(value)) return "whole-number";
    return { ...encoding, ...(field === "from" ? { rawMin: value } : { rawMax: value }) };
  },
  usual: () => ({}),
} as const;

/** The cells of a kind that is not described by cells. */
export const noCells = { cells: () => ({}), withCell: (): CellAccepted => "options", usual: () => ({}) } as const;

/** What is typed in a cell of options, "0=kmh, 1=mph": each with its sides. */
export const typedOptions = (typed: string): readonly (readonly string[])[] =>
  typed
    .split(/[,;]+/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map((part) => part.split("=").map((side) => side.trim()));
