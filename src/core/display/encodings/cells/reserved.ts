/** Values nobody can give a meaning, by what is shown for them: the ends of a scale, or every mark. */
import { typedNumber } from "../../../units/typedNumber";
import { reserved } from "../reserved";
import { rangedCells, typedOptions, type EncodingCells } from "./cell";

/** Most marks a line is described by. */
const MOST_MARKS = 120;

export const reservedCells: EncodingCells<"reserved"> = {
  cells: (encoding) =>
    encoding.shown?.kind === "listed"
      ? { options: encoding.shown.marks.join(", ") }
      : { from: reserved.shows(encoding, encoding.rawMin), to: reserved.shows(encoding, encoding.rawMax) },
  withCell: (encoding, field, typed) => {
    const { shown } = encoding;
    if (field === "options") {
      const marks = typedOptions(typed).map(([mark = ""]) => mark);
      const fine = marks.length > 0 && marks.length <= MOST_MARKS && new Set(marks).size === marks.length;
      return fine ? { ...encoding, rawMin: 0, rawMax: marks.length - 1, shown: { kind: "listed", marks } } : "options";
    }
    if (shown?.kind !== "scaled") return rangedCells.withCell(encoding, field, typed);
    const value = typedNumber(typed);
    if (Number.isNaN(value)) return "whole-number";
    const raw = Math.round((value - shown.offset) / shown.per);
    return { ...encoding, ...(field === "from" ? { rawMin: raw } : { rawMax: raw }) };
  },
  usual: () => ({}),
};
