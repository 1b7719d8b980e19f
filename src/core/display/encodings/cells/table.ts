/** How every kind of encoding is described, in one table: a kind that is missing does not compile. */
import type { Encoding } from "../../profileTypes";
import { reservedCells } from "./reserved";
import { noCells, rangedCells, type EncodingCells } from "./cell";
import { choiceCells } from "./choice";
import { numberCells } from "./number";
import { wheelCodeCells } from "./wheelCode";
import { wheelSizeCells } from "./wheelSize";

const CELLS: { readonly [Kind in Encoding["kind"]]: EncodingCells<Kind> } = {
  choice: choiceCells,
  bundle: noCells,
  number: numberCells,
  "around-default": { ...rangedCells, usual: () => ({ defaultRaw: 0 }) },
  "wheel-code": wheelCodeCells,
  "wheel-size": wheelSizeCells,
  "speed-cap": {
    ...rangedCells,
    usual: () => ({
      heldIn: "kmh",
      uncappedRaw: null,
      uncappedShows: null,
      basis: "unknown",
      endsThrottle: false,
      lowersPower: false,
    }),
  },
  "unknown-scale": { ...rangedCells, usual: () => ({ larger: "unknown", noneRaw: null, measured: [] }) },
  "pulses-or-other": { ...rangedCells, usual: ({ rawMin }) => ({ handsOverRaw: rawMin ?? 0 }) },
  clock: noCells,
  "read-only": noCells,
  reserved: reservedCells,
};

/** How an encoding is described. */
export const cellsOfKind = <Kind extends Encoding["kind"]>({ kind }: { readonly kind: Kind }): EncodingCells<Kind> =>
  CELLS[kind];

/** What a row of that kind written by hand may leave out; nothing for a kind nobody knows. */
export const usualOf = (row: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> =>
  typeof row.kind === "string" && Object.hasOwn(CELLS, row.kind) ? CELLS[row.kind as Encoding["kind"]].usual(row) : {};
