/**
 * Encodings: how a line writes a canonical value as a raw number, what it shows for it, and what rounding loses.
 * decode(encode(x)) is x, or the nearest value on the safe side that the line can hold. A few encodings follow another
 * line (the shown unit, the nominal volts); those take the whole column as context. Each kind is a file of its own
 * under `encodings/`.
 */
import { isUnsure } from "./unsure";
import type { SpeedUnit } from "../units";
import { typedNumber } from "../units/typedNumber";
import type { Decoded, Encoded, EncodingContext } from "./encodings/kind";
import { kindOf } from "./encodings/table";
import type { DisplayProfile, Encoding, Line } from "./profile";
import type { SettingValue } from "./settings";

export type { Decoded, Encoded, EncodeProblem, EncodingContext } from "./encodings/kind";

const known = new WeakMap<Encoding, readonly number[]>();

/** All raw values of a line, in the order the display steps through them. Empty for a line that cannot be stepped. */
export function rawValues(encoding: Encoding): readonly number[] {
  let raws = known.get(encoding);
  if (!raws) {
    raws = kindOf(encoding).raws(encoding);
    known.set(encoding, raws);
  }
  return raws;
}

const ranks = new WeakMap<Encoding, ReadonlyMap<number, number>>();

/** Where a raw value stands among all of a line's, from 0; -1 where the line does not have it. */
export function rankOf(encoding: Encoding, raw: number): number {
  let places = ranks.get(encoding);
  if (!places) {
    places = new Map(rawValues(encoding).map((each, at) => [each, at]));
    ranks.set(encoding, places);
  }
  return places.get(raw) ?? -1;
}

/** What the display shows for a raw value. */
export const shows = (encoding: Encoding, raw: number): string => kindOf(encoding).shows(encoding, raw);

/** How far apart two neighbouring values stand, in the setting's unit; null where not at equal distances. */
export const stepOf = (encoding: Encoding): number | null => kindOf(encoding).stepOf(encoding);

export type ShownProblem =
  | { readonly key: "shown.not-a-value"; readonly typed: string; readonly accepted: readonly string[] }
  | {
      readonly key: "shown.out-of-range";
      readonly typed: string;
      readonly min: string;
      readonly max: string;
      readonly step: number;
    };

export type ShownReading =
  { readonly ok: true; readonly raw: number } | { readonly ok: false; readonly problem: ShownProblem };

/** More values than this are told by their ends. */
const MOST_TOLD = 12;

/** Reads what the technician typed off the display back to a raw value; the comma counts as a point. */
export function readShown(encoding: Encoding, typed: string): ShownReading {
  const text = typed.trim().replace(",", ".").replace(/^−/, "-").toLowerCase();
  if (encoding.kind === "read-only") return { ok: true, raw: 0 };
  const raws = rawValues(encoding);
  const literal = raws.find((raw) => shows(encoding, raw).toLowerCase() === text);
  if (literal !== undefined) return { ok: true, raw: literal };
  const number = typedNumber(text);
  const numeric = Number.isFinite(number) ? raws.find((raw) => Number(shows(encoding, raw)) === number) : undefined;
  if (numeric !== undefined) return { ok: true, raw: numeric };
  const [first, second] = raws;
  const last = raws[raws.length - 1];
  if (first !== undefined && second !== undefined && last !== undefined && raws.length > MOST_TOLD) {
    const [min, max] = [shows(encoding, first), shows(encoding, last)];
    const step = Math.abs((Number(max) - Number(min)) / (raws.length - 1));
    return {
      ok: false,
      problem: { key: "shown.out-of-range", typed, min, max, step: Number.isFinite(step) ? toHundredth(step) : 1 },
    };
  }
  return { ok: false, problem: { key: "shown.not-a-value", typed, accepted: raws.map((raw) => shows(encoding, raw)) } };
}

/** A step as a display can have one: to a hundredth, without binary noise. */
const toHundredth = (step: number): number => Number(step.toFixed(2));

// ── context: what another line says ─────────────────────────────────────────────────────────────────────────────────

export const PLAIN_CONTEXT: EncodingContext = { shownUnit: "kmh", nominalV: null };

/** The context a column of raw values makes. */
export function contextOf(profile: DisplayProfile, raws: readonly (number | null)[]): EncodingContext {
  let shownUnit: SpeedUnit | null = "kmh";
  let nominalV: number | null = null;
  profile.lines.forEach((line, i) => {
    const { encoding } = line;
    const raw = isUnsure(line) ? null : raws[i];
    if (raw === null || raw === undefined) {
      if (kindOf(encoding).settings(encoding).includes("speedUnit")) shownUnit = null;
      return;
    }
    const values = kindOf(encoding).decode(encoding, raw, PLAIN_CONTEXT);
    if (values.speedUnit === "mph") shownUnit = "mph";
    if (typeof values.nominalV === "number") nominalV = values.nominalV;
  });
  return { shownUnit, nominalV };
}

// ── decode and encode ───────────────────────────────────────────────────────────────────────────────────────────────

/** Every canonical value a line's raw value stands for; none while what the line means is a guess. */
export const decodeAll = (line: Line, raw: number, context: EncodingContext): Decoded =>
  isUnsure(line) ? {} : kindOf(line.encoding).decode(line.encoding, raw, context);

/**
 * Canonical value a raw value stands for; null on lines that mean nothing or several things, for an unknown scale, or
 * for a raw value the line does not have.
 */
export const decodeLine = (
  encoding: Encoding,
  raw: number,
  context: EncodingContext = PLAIN_CONTEXT,
): SettingValue | null =>
  encoding.setting === null ? null : (kindOf(encoding).decode(encoding, raw, context)[encoding.setting] ?? null);

/**
 * Writes a canonical value as the line can hold it, rounded to the setting's safe side.
 * A value past the safe end of the range is held at that end and the loss is told in `beyond`; one past the unsafe end
 * cannot be held at all and is a problem, never a silent compromise.
 */
export const encodeLine = (
  encoding: Encoding,
  value: SettingValue,
  strict = false,
  context: EncodingContext = PLAIN_CONTEXT,
): Encoded => kindOf(encoding).encode(encoding, value, strict, context);
