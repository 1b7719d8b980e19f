/** The cells of a line as they are typed in the workbench, read back with what would be accepted. */
import { typedNumber } from "../units/typedNumber";
import { rawValues, shows } from "./encoding";
import { cellsOfKind } from "./encodings/cells/table";
import type { CellAccepted, CellField as EncodingField } from "./encodings/cells/cell";
import type { Encoding, Line } from "./profile";
import { SETTINGS, type SettingKey } from "./settings";

export type CellField = EncodingField | "factory";
export type CellProblem = { readonly field: CellField; readonly accepted: CellAccepted };
export type CellEdit =
  { readonly ok: true; readonly line: Line } | { readonly ok: false; readonly problem: CellProblem };

/** What stands in the cells of a line; null where a cell does not apply. */
export function cellsOf({ encoding, factoryRaw }: Line): Readonly<Record<CellField, string | null>> {
  const factory = encoding.kind === "read-only" ? null : factoryRaw === null ? "" : shows(encoding, factoryRaw);
  return { from: null, to: null, step: null, options: null, factory, ...cellsOfKind(encoding).cells(encoding) };
}

/** The raw value a line shows so, as a word or as a number; undefined where it shows it for none. */
const showing = (encoding: Encoding, typed: string): number | undefined => {
  const raws = rawValues(encoding);
  return (
    raws.find((raw) => shows(encoding, raw).toLowerCase() === typed.trim().toLowerCase()) ??
    raws.find((raw) => Number(shows(encoding, raw)) === typedNumber(typed))
  );
};

/** A line with one cell typed anew, or what the cell would take. The maker's value stays what it showed. */
export function withCell(line: Line, field: CellField, typed: string): CellEdit {
  const { encoding, factoryRaw } = line;
  const refuse = (accepted: CellAccepted): CellEdit => ({ ok: false, problem: { field, accepted } });
  if (field === "factory") {
    // Left empty it is not known.
    if (typed.trim() === "") return { ok: true, line: { ...line, factoryRaw: null } };
    const raw = showing(encoding, typed);
    return raw === undefined ? refuse("a-value-it-shows") : { ok: true, line: { ...line, factoryRaw: raw } };
  }
  const next = cellsOfKind(encoding).withCell(encoding, field, typed);
  if (typeof next === "string") return refuse(next);
  if (rawValues(next).length === 0) return refuse("above-from");
  // One it cannot show any more stays as it is: the check says so, and nothing is made up in its place.
  const factory = factoryRaw === null ? null : (showing(next, shows(encoding, factoryRaw)) ?? factoryRaw);
  return { ok: true, line: { ...line, encoding: next, factoryRaw: factory } };
}

/** What somebody has measured on a line of unknown scale, as typed: "12=24.4, 10=26.1". */
export const measuredText = (line: Line): string =>
  line.encoding.kind === "unknown-scale"
    ? line.encoding.measured.map(({ raw, value }) => `${raw}=${value}`).join(", ")
    : "";

/** The line with measurements typed anew; null where they are not pairs of a value it shows and a figure. */
export function withMeasured(line: Line, typed: string): Line | null {
  const { encoding } = line;
  if (encoding.kind !== "unknown-scale") return null;
  const pairs = typed
    .split(/[,;]+/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map((part) => part.split("=").map((side) => typedNumber(side)));
  const fine = pairs.every(
    ([raw = Number.NaN, value = Number.NaN]) =>
      Number.isInteger(raw) && raw >= encoding.rawMin && raw <= encoding.rawMax && Number.isFinite(value),
  );
  return fine
    ? {
        ...line,
        encoding: {
          ...encoding,
          // One that stands as it was keeps the bike it was measured on.
          measured: pairs.map(
            ([raw = 0, value = 0]) =>
              encoding.measured.find((each) => each.raw === raw && each.value === value) ?? { raw, value },
          ),
        },
      }
    : null;
}

/** Values the options of a setting can stand for, to say what would be accepted. */
export function acceptedMeanings(setting: SettingKey): string {
  const { domain } = SETTINGS[setting];
  return domain.kind === "flag"
    ? "yes or no"
    : domain.kind === "choice"
      ? domain.values.join(", ")
      : `${domain.min} to ${domain.max}${domain.words.length > 0 ? ` or ${domain.words.join(", ")}` : ""}`;
}
