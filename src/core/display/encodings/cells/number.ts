/** A scale by its ends and its step, as they are shown; a finer figure makes the whole scale finer. */
import { typedDecimals, typedNumber } from "../../../units/typedNumber";
import type { EncodingOf } from "../kind";
import type { EncodingCells } from "./cell";

export const numberCells: EncodingCells<"number"> = {
  cells: ({ rawMin, rawMax, rawStep, shownOffset, shownPer, decimals }) => ({
    from: (shownOffset + rawMin * shownPer).toFixed(decimals),
    to: (shownOffset + rawMax * shownPer).toFixed(decimals),
    step: String(Number((rawStep * Math.abs(shownPer)).toPrecision(6))),
  }),
  withCell: (encoding, field, typed) => {
    const value = typedNumber(typed);
    if (Number.isNaN(value)) return "whole-number";
    const finer = withDecimals(encoding, Math.max(encoding.decimals, typedDecimals(typed)));
    if (field === "step")
      return value > 0
        ? { ...finer, rawStep: Math.max(1, Math.round(value / Math.abs(finer.shownPer))) }
        : "whole-number";
    const raw = Math.round((value - finer.shownOffset) / finer.shownPer);
    return { ...finer, ...(field === "from" ? { rawMin: raw } : { rawMax: raw }) };
  },
  usual: ({ perRaw, offset }) => ({
    rawStep: 1,
    perRaw: 1,
    offset: 0,
    shownPer: perRaw ?? 1,
    shownOffset: offset ?? 0,
    decimals: 0,
    special: [],
  }),
};

/** The same scale counted in smaller steps, so that it shows so many decimals. */
function withDecimals(encoding: EncodingOf<"number">, decimals: number): EncodingOf<"number"> {
  if (decimals <= encoding.decimals) return encoding;
  const scale = Math.abs(encoding.shownPer) * 10 ** decimals;
  return {
    ...encoding,
    decimals,
    perRaw: encoding.perRaw / scale,
    shownPer: encoding.shownPer / scale,
    rawMin: Math.round(encoding.rawMin * scale),
    rawMax: Math.round(encoding.rawMax * scale),
    rawStep: Math.max(1, Math.round(encoding.rawStep * scale)),
  };
}
