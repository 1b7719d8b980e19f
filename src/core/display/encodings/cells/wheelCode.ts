/** Wheel codes typed in a row, each with its inches where it does not show them: "16, 20, 700=28". */
import { typedNumber } from "../../../units/typedNumber";
import { typedOptions, type EncodingCells } from "./cell";

/** Nominal inches a code may stand for. */
const INCHES = { least: 5, most: 40 } as const;

export const wheelCodeCells: EncodingCells<"wheel-code"> = {
  cells: ({ codes }) => ({
    options: codes.map(({ shows, inch }) => (shows === String(inch) ? shows : `${shows}=${inch}`)).join(", "),
  }),
  withCell: (encoding, _, typed) => {
    const codes = typedOptions(typed).map(([shows = "", inch = shows], raw) => ({
      raw,
      shows,
      inch: typedNumber(inch),
      circumferenceMm: null,
    }));
    const fine = codes.every(({ shows, inch }) => shows !== "" && inch >= INCHES.least && inch <= INCHES.most);
    return fine && codes.length > 0 ? { ...encoding, codes } : "wheel-options";
  },
  usual: () => ({}),
};
