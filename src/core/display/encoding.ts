/**
 * Encodings: how a line writes a canonical value as a raw number, what it shows for it, and what rounding loses.
 * decode(encode(x)) is x, or the nearest value on the safe side that the line can hold.
 */
import { kmhToMph, roundSafely, speedToKmh, tidy } from "../units";
import { nominalCircumferenceMm, rankWheels, type RankedWheel } from "../wheel";
import type { Encoding, SpeedCapEncoding, WheelCodeEncoding } from "./profile";
import { SETTINGS, type SettingKey, type SettingValue } from "./settings";

/** A range above this many values is a mistake in the profile, not a menu anybody steps through. */
const MOST_VALUES = 2000;

const range = (min: number, max: number): readonly number[] => Array.from({ length: Math.min(Math.max(0, max - min + 1), MOST_VALUES) }, (_, i) => min + i);

/** All raw values of a line, in the order the display steps through them. Empty for a line that cannot be stepped. */
export function rawValues(encoding: Encoding): readonly number[] {
  switch (encoding.kind) {
    case "choice":
    case "on-off":
      return encoding.options.map((option) => option.raw);
    case "wheel-code":
      return encoding.codes.map((code) => code.raw);
    case "scaled":
    case "count":
    case "speed-cap":
    case "reserved":
      return range(encoding.rawMin, encoding.rawMax);
    case "read-only":
      return [];
  }
}

/** What the display shows for a raw value. */
export function shows(encoding: Encoding, raw: number): string {
  switch (encoding.kind) {
    case "choice":
    case "on-off":
      return encoding.options.find((option) => option.raw === raw)?.shows ?? String(raw);
    case "wheel-code":
      return encoding.codes.find((code) => code.raw === raw)?.shows ?? String(raw);
    case "scaled":
      return (encoding.offset + raw * encoding.perRaw).toFixed(encoding.decimals);
    case "read-only":
      return encoding.shows;
    case "count":
    case "speed-cap":
    case "reserved":
      return String(raw);
  }
}

export type ShownProblem =
  | { readonly key: "shown.not-a-value"; readonly typed: string; readonly accepted: readonly string[] }
  | { readonly key: "shown.out-of-range"; readonly typed: string; readonly min: string; readonly max: string; readonly step: number };

export type ShownReading = { readonly ok: true; readonly raw: number } | { readonly ok: false; readonly problem: ShownProblem };

/** Reads what the technician typed off the display back to a raw value; the comma counts as a point. */
export function readShown(encoding: Encoding, typed: string): ShownReading {
  const text = typed.trim().replace(",", ".").toLowerCase();
  if (encoding.kind === "read-only") return { ok: true, raw: 0 };
  const raws = rawValues(encoding);
  const literal = raws.find((raw) => shows(encoding, raw).toLowerCase() === text);
  if (literal !== undefined) return { ok: true, raw: literal };
  const number = text === "" ? Number.NaN : Number(text);
  const numeric = Number.isFinite(number) ? raws.find((raw) => Number(shows(encoding, raw)) === number) : undefined;
  if (numeric !== undefined) return { ok: true, raw: numeric };
  const first = raws[0];
  const last = raws[raws.length - 1];
  if (first !== undefined && last !== undefined && raws.length > 12)
    return {
      ok: false,
      problem: { key: "shown.out-of-range", typed, min: shows(encoding, first), max: shows(encoding, last), step: encoding.kind === "scaled" ? encoding.perRaw : 1 },
    };
  return { ok: false, problem: { key: "shown.not-a-value", typed, accepted: raws.map((raw) => shows(encoding, raw)) } };
}

/** Circumference a wheel code stands for on this display, mm. */
export const codeCircumferenceMm = (code: WheelCodeEncoding["codes"][number]): number => code.circumferenceMm ?? nominalCircumferenceMm(code.inch);

/** Canonical value a raw value stands for; null on lines that mean nothing or for a raw value the line does not have. */
export function decodeLine(encoding: Encoding, raw: number): SettingValue | null {
  switch (encoding.kind) {
    case "choice":
    case "on-off":
      return encoding.options.find((option) => option.raw === raw)?.means ?? null;
    case "wheel-code": {
      const code = encoding.codes.find((candidate) => candidate.raw === raw);
      return code ? codeCircumferenceMm(code) : null;
    }
    case "scaled":
      return tidy(encoding.offset + raw * encoding.perRaw);
    case "count":
      return raw;
    case "speed-cap":
      return raw === encoding.uncappedRaw ? "uncapped" : speedToKmh(raw, encoding.heldIn);
    case "read-only":
    case "reserved":
      return null;
  }
}

export type EncodeProblem =
  | { readonly key: "encode.below-range"; readonly asked: number; readonly least: number }
  | { readonly key: "encode.above-range"; readonly asked: number; readonly most: number }
  | { readonly key: "encode.no-such-choice"; readonly asked: string; readonly accepted: readonly string[] };

export type Encoded =
  | { readonly ok: true; readonly raw: number; readonly held: SettingValue; readonly exact: boolean; readonly beyond: EncodeProblem | null }
  | { readonly ok: false; readonly problem: EncodeProblem };

/**
 * Writes a canonical value as the line can hold it, rounded to the setting's safe side.
 * A value past the safe end of the range is held at that end and the loss is told in `beyond`; one past the unsafe end
 * cannot be held at all and is a problem, never a silent compromise.
 */
export function encodeLine(encoding: Encoding, value: SettingValue, strict = false): Encoded {
  switch (encoding.kind) {
    case "choice":
    case "on-off": {
      const options: readonly { raw: number; shows: string; means: SettingValue }[] = encoding.options;
      const exact = options.find((option) => option.means === value);
      if (exact) return { ok: true, raw: exact.raw, held: exact.means, exact: true, beyond: null };
      return nearestSafeOption(options, encoding.setting, value);
    }
    case "wheel-code": {
      const best = typeof value === "number" ? rankCodes(encoding, value)[0] : undefined;
      if (!best) return { ok: false, problem: { key: "encode.no-such-choice", asked: String(value), accepted: encoding.codes.map((code) => code.shows) } };
      return { ok: true, raw: best.code.raw, held: best.circumferenceMm, exact: Math.abs(best.r - 1) < 1e-6, beyond: null };
    }
    case "speed-cap":
      return encodeCap(encoding, value, strict);
    case "scaled":
    case "count": {
      const perRaw = encoding.kind === "scaled" ? encoding.perRaw : 1;
      const offset = encoding.kind === "scaled" ? encoding.offset : 0;
      if (typeof value !== "number") return { ok: false, problem: { key: "encode.no-such-choice", asked: String(value), accepted: [] } };
      return encodeNumber(encoding.setting, value, { rawMin: encoding.rawMin, rawMax: encoding.rawMax, perRaw, offset, strict });
    }
    case "read-only":
    case "reserved":
      return { ok: false, problem: { key: "encode.no-such-choice", asked: String(value), accepted: [] } };
  }
}

function nearestSafeOption(options: readonly { raw: number; shows: string; means: SettingValue }[], setting: SettingKey, value: SettingValue): Encoded {
  const direction = SETTINGS[setting].safeDirection;
  const refuse: Encoded = { ok: false, problem: { key: "encode.no-such-choice", asked: String(value), accepted: options.map((option) => option.shows) } };
  if (direction === null || typeof value !== "number") return refuse;
  const safe = options
    .flatMap((option) => (typeof option.means === "number" ? [{ raw: option.raw, means: option.means }] : []))
    .filter((option) => (direction === "down" ? option.means <= value : option.means >= value))
    .sort((a, b) => Math.abs(a.means - value) - Math.abs(b.means - value))[0];
  return safe ? { ok: true, raw: safe.raw, held: safe.means, exact: false, beyond: null } : refuse;
}

interface NumberGrid {
  readonly rawMin: number;
  readonly rawMax: number;
  readonly perRaw: number;
  readonly offset: number;
  readonly strict: boolean;
}

function encodeNumber(setting: SettingKey, value: number, { rawMin, rawMax, perRaw, offset, strict }: NumberGrid): Encoded {
  const least = tidy(offset + rawMin * perRaw);
  const most = tidy(offset + rawMax * perRaw);
  const direction = SETTINGS[setting].safeDirection;
  const below: EncodeProblem = { key: "encode.below-range", asked: value, least };
  const above: EncodeProblem = { key: "encode.above-range", asked: value, most };
  const onGrid = direction ? roundSafely(value, direction, { step: perRaw, origin: offset, strict }) : tidy(offset + Math.round((value - offset) / perRaw) * perRaw);
  const at = (held: number, beyond: EncodeProblem | null): Encoded => ({
    ok: true,
    raw: Math.round((held - offset) / perRaw),
    held,
    exact: Math.abs(held - value) < 1e-9,
    beyond,
  });
  if (onGrid < least) return direction === "down" ? { ok: false, problem: below } : at(least, below);
  if (onGrid > most) return direction === "up" ? { ok: false, problem: above } : at(most, above);
  return at(onGrid, null);
}

/** The raw values of a cap line that are caps, without the one that stands for "no cap". */
const cappedRange = ({ rawMin, rawMax, uncappedRaw }: SpeedCapEncoding): { rawMin: number; rawMax: number } => ({
  rawMin: uncappedRaw === rawMin ? rawMin + 1 : rawMin,
  rawMax: uncappedRaw === rawMax ? rawMax - 1 : rawMax,
});

function encodeCap(encoding: SpeedCapEncoding, value: SettingValue, strict: boolean): Encoded {
  if (value === "uncapped") {
    if (encoding.uncappedRaw !== null) return { ok: true, raw: encoding.uncappedRaw, held: "uncapped", exact: true, beyond: null };
    return { ok: false, problem: { key: "encode.no-such-choice", asked: "no cap", accepted: [] } };
  }
  if (typeof value !== "number") return { ok: false, problem: { key: "encode.no-such-choice", asked: String(value), accepted: [] } };
  const own = encoding.heldIn === "mph" ? kmhToMph(value) : value;
  const encoded = encodeNumber("assistCapKmh", own, { ...cappedRange(encoding), perRaw: 1, offset: 0, strict });
  return encoded.ok ? { ...encoded, held: speedToKmh(encoded.raw, encoding.heldIn) } : encoded;
}

/** The wheel codes of a line ordered best first for a rollout (mm) and the ratio of true to set pulses. */
export const rankCodes = (encoding: WheelCodeEncoding, rolloutMm: number, pulseRatio = 1): RankedWheel<WheelCodeEncoding["codes"][number]>[] =>
  rankWheels(
    encoding.codes.map((code) => ({ code, circumferenceMm: codeCircumferenceMm(code) })),
    rolloutMm,
    pulseRatio,
  );
