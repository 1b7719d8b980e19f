/** A table as comma-separated values: RFC 4180, written by a library. */
import Papa from "papaparse";

/**
 * Rows under their headings. A cell that a spreadsheet would take for a formula is written so that it stays the text it
 * is.
 */
export const csvOf = (headings: readonly string[], rows: readonly (readonly string[])[]): string =>
  `${Papa.unparse({ fields: [...headings], data: rows.map((row) => [...row]) }, { escapeFormulae: true })}\r\n`;
