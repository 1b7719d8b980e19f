/**
 * Encodings: how a line writes a canonical value as a raw number, what it shows for it, and what rounding loses.
 * decode(encode(x)) is x, or the nearest value on the safe side that the line can hold. A few encodings follow another
 * line (the shown unit, the nominal volts); those take the whole column as context.
 */
import { inchToMm, kmhToMph, roundSafely, speedToKmh, tidy, type SpeedUnit } from "../units";
import { nominalCircumferenceMm, rankWheels, type RankedWheel } from "../wheel";
import {
  settingsOf,
  type DisplayProfile,
  type Encoding,
  type Line,
  type SpeedCapEncoding,
  type WheelCodeEncoding,
  type WheelSizeEncoding,
} from "./profile";
import { SETTINGS, type SettingKey, type SettingValue } from "./settings";

/** A range above this many values is a mistake in the profile, not a menu anybody steps through. */
const MOST_VALUES = 2000;

const range = (min: number, max: number, step = 1): readonly number[] =>
  Array.from(
    { length: Math.min(Math.max(0, Math.floor((max - min) / step) + 1), MOST_VALUES) },
    (_, i) => min + i * step,
  );

const known = new WeakMap<Encoding, readonly number[]>();

/** All raw values of a line, in the order the display steps through them. Empty for a line that cannot be stepped. */
export function rawValues(encoding: Encoding): readonly number[] {
  let raws = known.get(encoding);
  if (!raws) {
    raws = listRaws(encoding);
    known.set(encoding, raws);
  }
  return raws;
}

function listRaws(encoding: Encoding): readonly number[] {
  switch (encoding.kind) {
    case "choice":
      return encoding.options.map((option) => option.raw);
    case "bundle":
      return encoding.options.map((option) => option.raw);
    case "wheel-code":
      return encoding.codes.map((code) => code.raw);
    case "number":
      return range(encoding.rawMin, encoding.rawMax, encoding.rawStep);
    case "around-default":
    case "wheel-size":
    case "speed-cap":
    case "unknown-scale":
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
      return encoding.options.find((option) => option.raw === raw)?.shows ?? String(raw);
    case "bundle":
      return encoding.options.find((option) => option.raw === raw)?.shows ?? String(raw);
    case "wheel-code":
      return encoding.codes.find((code) => code.raw === raw)?.shows ?? String(raw);
    case "number":
      return (
        encoding.special.find((special) => special.raw === raw)?.shows ??
        (encoding.shownOffset + raw * encoding.shownPer).toFixed(encoding.decimals)
      );
    case "around-default":
      return raw > 0 ? `+${raw}` : String(raw);
    case "wheel-size":
      return encoding.heldIn === "tenth-inch" ? (raw / 10).toFixed(1) : String(raw);
    case "speed-cap":
      return raw === encoding.uncappedRaw && encoding.uncappedShows !== null ? encoding.uncappedShows : String(raw);
    case "read-only":
      return encoding.shows;
    case "unknown-scale":
    case "reserved":
      return String(raw);
  }
}

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

/** Reads what the technician typed off the display back to a raw value; the comma counts as a point. */
export function readShown(encoding: Encoding, typed: string): ShownReading {
  const text = typed.trim().replace(",", ".").replace(/^−/, "-").toLowerCase();
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
      problem: {
        key: "shown.out-of-range",
        typed,
        min: shows(encoding, first),
        max: shows(encoding, last),
        step: encoding.kind === "number" ? Math.abs(encoding.shownPer * encoding.rawStep) : 1,
      },
    };
  return { ok: false, problem: { key: "shown.not-a-value", typed, accepted: raws.map((raw) => shows(encoding, raw)) } };
}

// ── context: what another line says ─────────────────────────────────────────────────────────────────────────────────

/** What an encoding needs to know of the rest of the column. */
export interface EncodingContext {
  /** Unit the rider sees, for a cap held in it; null where the line that sets it has not been read. */
  readonly shownUnit: SpeedUnit | null;
  /** Nominal volts set, for a cut-off around a default; null where not known. */
  readonly nominalV: number | null;
}

export const PLAIN_CONTEXT: EncodingContext = { shownUnit: "kmh", nominalV: null };

/** The context a column of raw values makes. */
export function contextOf(profile: DisplayProfile, raws: readonly (number | null)[]): EncodingContext {
  let shownUnit: SpeedUnit | null = "kmh";
  let nominalV: number | null = null;
  profile.lines.forEach((line, i) => {
    const raw = raws[i];
    if (raw === null || raw === undefined) {
      if (settingsOf(line).includes("speedUnit")) shownUnit = null;
      return;
    }
    const values = decodeAll(line, raw, PLAIN_CONTEXT);
    if (values.speedUnit === "mph") shownUnit = "mph";
    if (typeof values.nominalV === "number") nominalV = values.nominalV;
  });
  return { shownUnit, nominalV };
}

// ── decode ──────────────────────────────────────────────────────────────────────────────────────────────────────────

/** Circumference a wheel code stands for on this display, mm. */
export const codeCircumferenceMm = (code: WheelCodeEncoding["codes"][number]): number =>
  code.circumferenceMm ?? nominalCircumferenceMm(code.inch);

const sizeCircumferenceMm = ({ heldIn }: WheelSizeEncoding, raw: number): number =>
  heldIn === "mm" ? raw : inchToMm(raw / 10) * Math.PI;

/** Taken for a cap while nobody knows the unit it is held in: the same number of miles is the faster. */
const WORSE_UNIT: SpeedUnit = "mph";

const capUnit = ({ heldIn }: SpeedCapEncoding, context: EncodingContext): SpeedUnit =>
  heldIn === "shown" ? (context.shownUnit ?? WORSE_UNIT) : heldIn;

const aroundDefault = (
  encoding: Extract<Encoding, { kind: "around-default" }>,
  context: EncodingContext,
): number | null =>
  encoding.defaults.length === 1
    ? (encoding.defaults[0]?.valueV ?? null)
    : (encoding.defaults.find(({ nominalV }) => nominalV === context.nominalV)?.valueV ?? null);

/**
 * Canonical value a raw value stands for; null on lines that mean nothing or several things, for an unknown scale, or
 * for a raw value the line does not have.
 */
export function decodeLine(
  encoding: Encoding,
  raw: number,
  context: EncodingContext = PLAIN_CONTEXT,
): SettingValue | null {
  switch (encoding.kind) {
    case "choice":
      return (encoding.options.find((option) => option.raw === raw)?.means as SettingValue | undefined) ?? null;
    case "wheel-code": {
      const code = encoding.codes.find((candidate) => candidate.raw === raw);
      return code ? codeCircumferenceMm(code) : null;
    }
    case "wheel-size":
      return sizeCircumferenceMm(encoding, raw);
    case "number": {
      const special = encoding.special.find((each) => each.raw === raw);
      return special ? (special.means as SettingValue) : tidy(encoding.offset + raw * encoding.perRaw);
    }
    case "around-default": {
      const base = aroundDefault(encoding, context);
      return base === null ? null : tidy(base + raw * encoding.perRaw);
    }
    case "speed-cap":
      return raw === encoding.uncappedRaw ? "uncapped" : speedToKmh(raw, capUnit(encoding, context));
    case "unknown-scale": {
      if (raw === encoding.noneRaw) return SETTINGS[encoding.setting].domain.kind === "number" ? "uncapped" : null;
      return encoding.measured.find((each) => each.raw === raw)?.value ?? null;
    }
    case "bundle":
    case "read-only":
    case "reserved":
      return null;
  }
}

export type Decoded = { readonly [K in SettingKey]?: SettingValue };

/** Every canonical value a line's raw value stands for. */
export function decodeAll(line: Line, raw: number, context: EncodingContext): Decoded {
  const { encoding } = line;
  if (encoding.kind === "bundle")
    return (encoding.options.find((option) => option.raw === raw)?.means ?? {}) as Decoded;
  if (encoding.setting === null) return {};
  const value = decodeLine(encoding, raw, context);
  return value === null ? {} : { [encoding.setting]: value };
}

// ── encode ──────────────────────────────────────────────────────────────────────────────────────────────────────────

export type EncodeProblem =
  | { readonly key: "encode.below-range"; readonly asked: number; readonly least: number }
  | { readonly key: "encode.above-range"; readonly asked: number; readonly most: number }
  | { readonly key: "encode.no-such-choice"; readonly asked: string; readonly accepted: readonly string[] }
  | { readonly key: "encode.unknown-scale"; readonly asked: string };

export type Encoded =
  | {
      readonly ok: true;
      readonly raw: number;
      readonly held: SettingValue;
      readonly exact: boolean;
      readonly beyond: EncodeProblem | null;
    }
  | { readonly ok: false; readonly problem: EncodeProblem };

interface Held {
  readonly raw: number;
  readonly value: number;
}

/**
 * Writes a canonical value as the line can hold it, rounded to the setting's safe side.
 * A value past the safe end of the range is held at that end and the loss is told in `beyond`; one past the unsafe end
 * cannot be held at all and is a problem, never a silent compromise.
 */
export function encodeLine(
  encoding: Encoding,
  value: SettingValue,
  strict = false,
  context: EncodingContext = PLAIN_CONTEXT,
): Encoded {
  switch (encoding.kind) {
    case "choice":
      return encodeChoice(
        encoding.options as readonly { raw: number; shows: string; means: SettingValue }[],
        encoding.setting,
        value,
        strict,
      );
    case "wheel-code": {
      const best = typeof value === "number" ? rankCodes(encoding, value)[0] : undefined;
      if (!best)
        return refuse(
          value,
          encoding.codes.map((code) => code.shows),
        );
      return {
        ok: true,
        raw: best.code.raw,
        held: best.circumferenceMm,
        exact: Math.abs(best.r - 1) < 1e-6,
        beyond: null,
      };
    }
    case "speed-cap":
      return encodeCap(encoding, value, strict, context);
    case "number": {
      const special = encoding.special.find((each) => each.means === value);
      if (special) return { ok: true, raw: special.raw, held: value, exact: true, beyond: null };
      const taken = new Set(encoding.special.map((each) => each.raw));
      return encodeHeld(
        encoding.setting,
        value,
        rawValues(encoding)
          .filter((raw) => !taken.has(raw))
          .map((raw) => ({ raw, value: tidy(encoding.offset + raw * encoding.perRaw) })),
        strict,
      );
    }
    case "around-default": {
      const base = aroundDefault(encoding, context);
      if (base === null) return { ok: false, problem: { key: "encode.unknown-scale", asked: String(value) } };
      return encodeHeld(
        encoding.setting,
        value,
        rawValues(encoding).map((raw) => ({ raw, value: tidy(base + raw * encoding.perRaw) })),
        strict,
      );
    }
    case "wheel-size": {
      if (typeof value !== "number") return refuse(value, []);
      const best = rankWheels(
        rawValues(encoding).map((raw) => ({ code: raw, circumferenceMm: sizeCircumferenceMm(encoding, raw) })),
        value,
      )[0];
      return best
        ? { ok: true, raw: best.code, held: best.circumferenceMm, exact: Math.abs(best.r - 1) < 1e-6, beyond: null }
        : refuse(value, []);
    }
    case "unknown-scale": {
      if (value === "uncapped" && encoding.noneRaw !== null)
        return { ok: true, raw: encoding.noneRaw, held: value, exact: true, beyond: null };
      if (encoding.measured.length === 0)
        return { ok: false, problem: { key: "encode.unknown-scale", asked: String(value) } };
      // Only what somebody has measured is ever aimed for.
      return encodeHeld(encoding.setting, value, encoding.measured, strict);
    }
    case "bundle":
    case "read-only":
    case "reserved":
      return refuse(value, []);
  }
}

const refuse = (value: unknown, accepted: readonly string[]): Encoded => ({
  ok: false,
  problem: { key: "encode.no-such-choice", asked: value === "uncapped" ? "no cap" : String(value), accepted },
});

function encodeChoice(
  options: readonly { raw: number; shows: string; means: SettingValue }[],
  setting: SettingKey,
  value: SettingValue,
  strict: boolean,
): Encoded {
  const exact = options.find((option) => option.means === value);
  if (exact && !(strict && typeof value === "number"))
    return { ok: true, raw: exact.raw, held: exact.means, exact: true, beyond: null };
  const direction = SETTINGS[setting].safeDirection;
  if (direction === null || typeof value !== "number")
    return refuse(
      value,
      options.map((option) => option.shows),
    );
  const safe = options
    .flatMap((option) => (typeof option.means === "number" ? [{ raw: option.raw, means: option.means }] : []))
    .filter(({ means }) =>
      direction === "down"
        ? means < value || (!strict && means === value)
        : means > value || (!strict && means === value),
    )
    .sort((a, b) => Math.abs(a.means - value) - Math.abs(b.means - value))[0];
  return safe
    ? { ok: true, raw: safe.raw, held: safe.means, exact: false, beyond: null }
    : refuse(
        value,
        options.map((option) => option.shows),
      );
}

/** Slack that keeps binary noise from moving a value by a whole step. */
const NOISE = 1e-9;

/** The value nearest on the safe side among those a line holds; where the setting has no safe side, the nearest. */
function encodeHeld(setting: SettingKey, value: SettingValue, held: readonly Held[], strict: boolean): Encoded {
  if (typeof value !== "number" || held.length === 0) return refuse(value, []);
  const direction = SETTINGS[setting].safeDirection;
  const least = Math.min(...held.map((each) => each.value));
  const most = Math.max(...held.map((each) => each.value));
  const slack = strict ? -NOISE : NOISE;
  const scale = Math.max(1, Math.abs(value));
  const isSafe = (each: Held) =>
    direction === null ||
    (direction === "down" ? each.value <= value + slack * scale : each.value >= value - slack * scale);
  const nearest = held
    .filter(isSafe)
    .reduce<Held | null>(
      (best, each) =>
        best === null || Math.abs(each.value - value) < Math.abs(best.value - value) - NOISE ? each : best,
      null,
    );
  if (!nearest)
    return {
      ok: false,
      problem:
        direction === "down"
          ? { key: "encode.below-range", asked: value, least }
          : { key: "encode.above-range", asked: value, most },
    };
  const past: EncodeProblem | null =
    value > most + NOISE
      ? { key: "encode.above-range", asked: value, most }
      : value < least - NOISE
        ? { key: "encode.below-range", asked: value, least }
        : null;
  return {
    ok: true,
    raw: nearest.raw,
    held: nearest.value,
    exact: Math.abs(nearest.value - value) < NOISE * scale,
    beyond: past,
  };
}

function encodeCap(
  encoding: SpeedCapEncoding,
  value: SettingValue,
  strict: boolean,
  context: EncodingContext,
): Encoded {
  if (value === "uncapped")
    return encoding.uncappedRaw === null
      ? refuse(value, [])
      : { ok: true, raw: encoding.uncappedRaw, held: "uncapped", exact: true, beyond: null };
  if (typeof value !== "number") return refuse(value, []);
  const unit = capUnit(encoding, context);
  const own = unit === "mph" ? kmhToMph(value) : value;
  const least = encoding.uncappedRaw === encoding.rawMin ? encoding.rawMin + 1 : encoding.rawMin;
  const most = encoding.uncappedRaw === encoding.rawMax ? encoding.rawMax - 1 : encoding.rawMax;
  const whole = roundSafely(own, "down", { step: 1, strict });
  if (whole < least) return { ok: false, problem: { key: "encode.below-range", asked: own, least } };
  const raw = Math.min(whole, most);
  const held = speedToKmh(raw, unit);
  return {
    ok: true,
    raw,
    held,
    exact: Math.abs(held - value) < NOISE * Math.max(1, value),
    beyond: whole > most ? { key: "encode.above-range", asked: own, most } : null,
  };
}

/** The wheel codes of a line ordered best first for a rollout (mm) and the ratio of true to set pulses. */
export const rankCodes = (
  encoding: WheelCodeEncoding,
  rolloutMm: number,
  pulseRatio = 1,
): RankedWheel<WheelCodeEncoding["codes"][number]>[] =>
  rankWheels(
    encoding.codes.map((code) => ({ code, circumferenceMm: codeCircumferenceMm(code) })),
    rolloutMm,
    pulseRatio,
  );

/** The option of a bundle line that fulfils the wanted values best: fewest missed, then the first. */
export function encodeBundle(
  line: Line,
  wanted: Decoded,
): { readonly raw: number; readonly missed: readonly SettingKey[] } | null {
  if (line.encoding.kind !== "bundle") return null;
  const cared = settingsOf(line).filter((setting) => wanted[setting] !== undefined);
  const ranked = line.encoding.options.map((option) => ({
    raw: option.raw,
    missed: cared.filter((setting) => (option.means as Decoded)[setting] !== wanted[setting]),
  }));
  return ranked.sort((a, b) => a.missed.length - b.missed.length)[0] ?? null;
}
