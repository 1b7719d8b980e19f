/**
 * What a kind of encoding is: all a line can do with a canonical value, said once a kind. The table in `table.ts` is
 * typed by it, so that a kind that lacks an operation does not compile. Nowhere else is asked which kind a line is.
 */
import type { SpeedUnit } from "../../units";
import type { Encoding } from "../profileTypes";
import { SETTINGS, type SettingKey, type SettingValue } from "../settings";

/** One kind of encoding by its name. */
export type EncodingOf<Kind extends Encoding["kind"]> = Extract<Encoding, { kind: Kind }>;

/** What an encoding needs to know of the rest of the column. */
export interface EncodingContext {
  /** Unit the rider sees, for a cap held in it; null where the line that sets it has not been read. */
  readonly shownUnit: SpeedUnit | null;
  /** Nominal volts set, for a cut-off around a default; null where not known. */
  readonly nominalV: number | null;
}

/** Canonical values by setting. */
export type Decoded = { readonly [K in SettingKey]?: SettingValue };

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

/** All a kind of encoding can do. */
export interface EncodingKind<Kind extends Encoding["kind"]> {
  /** All raw values, in the order the display steps through them; none for a line that cannot be stepped. */
  readonly raws: (encoding: EncodingOf<Kind>) => readonly number[];
  /** What the display shows for a raw value. */
  readonly shows: (encoding: EncodingOf<Kind>, raw: number) => string;
  /** Settings it has a say in: none, one or several. */
  readonly settings: (encoding: EncodingOf<Kind>) => readonly SettingKey[];
  /** Canonical values a raw value stands for; none where it means nothing, or nobody knows what. */
  readonly decode: (encoding: EncodingOf<Kind>, raw: number, context: EncodingContext) => Decoded;
  /** A canonical value as it can hold it, rounded to the setting's safe side; `strict` leaves out the value itself. */
  readonly encode: (
    encoding: EncodingOf<Kind>,
    value: SettingValue,
    strict: boolean,
    context: EncodingContext,
  ) => Encoded;
  /** How far apart two neighbours stand, in the setting's unit; null where they do not stand at equal distances. */
  readonly stepOf: (encoding: EncodingOf<Kind>) => number | null;
}

/** A range above this many values is a mistake in the profile, not a menu anybody steps through. */
const MOST_VALUES = 2000;

/** Raw values from `min` to `max`. */
export const range = (min: number, max: number, step = 1): readonly number[] =>
  Array.from(
    { length: Math.min(Math.max(0, Math.floor((max - min) / step) + 1), MOST_VALUES) },
    (_, i) => min + i * step,
  );

/** What a kind says that holds numbers in a plain range and has nothing to add. */
export const ranged = {
  raws: ({ rawMin, rawMax }: { readonly rawMin: number; readonly rawMax: number }) => range(rawMin, rawMax),
  shows: (_: unknown, raw: number) => String(raw),
  stepOf: () => null,
} as const;

/** One setting's value, or nothing where it is not known. */
export const saying = (setting: SettingKey, value: SettingValue | null | undefined): Decoded =>
  value === null || value === undefined ? {} : { [setting]: value };

/** The line has no such value. */
export const refuse = (value: unknown, accepted: readonly string[] = []): Encoded => ({
  ok: false,
  problem: { key: "encode.no-such-choice", asked: value === "uncapped" ? "no cap" : String(value), accepted },
});

/** The line holds the value itself. */
export const exactly = (raw: number, held: SettingValue): Encoded => ({
  ok: true,
  raw,
  held,
  exact: true,
  beyond: null,
});

/** Slack that keeps binary noise from moving a value by a whole step. */
export const NOISE = 1e-9;

/** A value a line holds. */
export interface Held {
  readonly raw: number;
  readonly value: number;
}

/**
 * The value nearest on the safe side among those a line holds; where the setting has no safe side, the nearest. One
 * past the safe end of the range is held at that end and the loss told in `beyond`; one past the unsafe end cannot be
 * held at all and is a problem, never a silent compromise.
 */
export function encodeHeld(setting: SettingKey, value: SettingValue, held: readonly Held[], strict: boolean): Encoded {
  if (typeof value !== "number" || held.length === 0) return refuse(value);
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
