/** A wheel by the ends of its range, as they are shown. */
import { typedNumber } from "../../../units/typedNumber";
import { wheelSize } from "../wheelSize";
import type { EncodingCells } from "./cell";

export const wheelSizeCells: EncodingCells<"wheel-size"> = {
  cells: (encoding) => ({
    from: wheelSize.shows(encoding, encoding.rawMin),
    to: wheelSize.shows(encoding, encoding.rawMax),
  }),
  withCell: (encoding, field, typed) => {
    const value = typedNumber(typed);
    if (Number.isNaN(value)) return "whole-number";
    const raw = Math.round(encoding.heldIn === "mm" ? value : value * 10);
    return { ...encoding, ...(field === "from" ? { rawMin: raw } : { rawMax: raw }) };
  },
  usual: () => ({ heldIn: "mm", circumferenceUncertainty: 0.03 }),
};
