/** How a line of a known meaning writes its values, from what its text says of them. Nothing read is dropped. */
import { typedNumber } from "../../units/typedNumber";
import { plainCap, plainNumber, unknownScale } from "../newEncodings";
import type { Encoding } from "../profile";
import { inDomain, SETTINGS, type SettingKey } from "../settings";
import { largerOf } from "./directions";
import { meaningsOf } from "./optionMeanings";
import type { Option } from "./options";
import type { Span } from "./ranges";
import type { Tokens } from "./tokens";

export type ShapeDoubt = "options-not-understood" | "no-range";

export interface Shaped {
  readonly encoding: Encoding;
  readonly doubts: readonly ShapeDoubt[];
}

/** A nominal rim told as 700 stands for 28 inches: common practice, no source. */
const inchOf = (value: number): number => (value === 700 ? 28 : value);
const isInch = (value: number): boolean => inchOf(value) >= 4 && inchOf(value) <= 50;
/** Every code of a wheel may stand this far beside its nominal circumference: common practice, no source. */
const CIRCUMFERENCE_UNCERTAINTY = 0.03;

/** What a line shows that takes no change, until somebody has looked. */
const NOT_READ = "--";

/** The values of a line nobody knows the meaning of: as the text has them. */
export function unknownShape({ span, options, listed, readOnly }: Tokens): Encoding {
  if (readOnly && !span && options.length === 0 && listed.length === 0)
    return { kind: "read-only", setting: null, shows: NOT_READ };
  const numbers = listed.map(typedNumber);
  const ends = span ? [span.min, span.max] : numbers.length > 0 ? numbers : options.map(({ raw }) => raw);
  const [rawMin, rawMax] = ends.length > 0 ? [Math.min(...ends), Math.max(...ends)] : [0, 9];
  return { kind: "reserved", setting: null, rawMin: Math.round(rawMin), rawMax: Math.min(Math.round(rawMax), 9999) };
}

/** A meaning without values is a meaning with a hole: what its numbers stand for is not known. */
function hole(setting: SettingKey, tokens: Tokens): Encoding {
  const { span, options, listed } = tokens;
  const raws = span
    ? [span.min, span.max]
    : options.length > 0
      ? options.map(({ raw }) => raw)
      : listed.length > 0
        ? listed.map(typedNumber)
        : [0, SETTINGS[setting].domain.kind === "flag" ? 1 : 9];
  return unknownScale(setting, Math.round(Math.min(...raws)), Math.round(Math.max(...raws)));
}

const choice = (
  setting: SettingKey,
  options: readonly { raw: number; shows: string; means: number | boolean | string }[],
): Encoding => ({
  kind: "choice",
  setting,
  options: options.map((option) => ({ ...option })),
});

/** A line of this meaning, as its text tells its values. */
export function shaped(setting: SettingKey, tokens: Tokens): Shaped {
  const { span, options, direction } = tokens;
  const larger = largerOf(setting, direction);
  if (setting === "assistCapKmh" || setting === "throttleCapKmh") {
    const ends = endsOf(tokens);
    if (ends) return { encoding: capOf(setting, ends, tokens), doubts: [] };
  }
  if (setting === "circumferenceMm") return wheelOf(tokens);
  if (options.length >= 2) {
    const means = meaningsOf(setting, options);
    if (means)
      return {
        encoding: choice(
          setting,
          options.map((option, i) => ({ raw: option.raw, shows: option.shows, means: means[i] ?? 0 })),
        ),
        doubts: [],
      };
    if (SETTINGS[setting].domain.kind !== "number")
      return { encoding: hole(setting, tokens), doubts: ["options-not-understood"] };
    // Dark, middle and bright are steps of a scale; what counts something is told by numbers.
    const { unit } = SETTINGS[setting];
    return {
      encoding: unknownScale(setting, options[0]?.raw ?? 0, options.at(-1)?.raw ?? 9, larger),
      doubts: unit === null || unit === "share" ? [] : ["options-not-understood"],
    };
  }
  const listed = tokens.listed.map(typedNumber);
  if (
    SETTINGS[setting].domain.kind === "number" &&
    !span &&
    listed.length >= 2 &&
    listed.every((value) => inDomain(setting, value))
  )
    return {
      encoding: choice(
        setting,
        listed.map((value, i) => ({ raw: value, shows: tokens.listed[i] ?? "", means: value })),
      ),
      doubts: [],
    };
  if (SETTINGS[setting].domain.kind === "flag" && span?.min === 0 && span.max === 1)
    return {
      encoding: choice(setting, [
        { raw: 0, shows: "0", means: false },
        { raw: 1, shows: "1", means: true },
      ]),
      doubts: ["options-not-understood"],
    };
  if (SETTINGS[setting].domain.kind !== "number")
    return { encoding: hole(setting, tokens), doubts: [options.length > 0 ? "options-not-understood" : "no-range"] };
  const ends = endsOf(tokens);
  if (!span && ends)
    return { encoding: unknownScale(setting, Math.round(ends.min), Math.round(ends.max), larger), doubts: [] };
  return span
    ? { encoding: numberOf(setting, withNone(setting, span, tokens), larger), doubts: [] }
    : { encoding: unknownScale(setting, 0, 9, larger), doubts: ["no-range"] };
}

/** "1 to 60, 0 is never": never is a value of the line as well. */
const withNone = (setting: SettingKey, span: Span, { noneAt }: Tokens): Span =>
  setting === "autoOffMin" && noneAt === span.min - 1 ? { ...span, min: noneAt } : span;

const endsOf = ({ span, listed }: Tokens): Span | null => {
  if (span) return span;
  const numbers = listed.map(typedNumber);
  return numbers.length >= 2 ? { min: Math.min(...numbers), max: Math.max(...numbers), step: null, decimals: 0 } : null;
};

/** A speed cap by its ends: the unit it is held in, the value that means none. What it compares with nobody states. */
function capOf(setting: "assistCapKmh" | "throttleCapKmh", { min, max }: Span, { inMiles, noneAt }: Tokens): Encoding {
  const [rawMin, rawMax] = [Math.round(min), Math.round(max)];
  return plainCap(setting, rawMin, rawMax, {
    heldIn: inMiles ? "mph" : "kmh",
    uncappedRaw: noneAt === rawMin || noneAt === rawMax ? noneAt : null,
  });
}

function numberOf(setting: SettingKey, span: Span, larger: ReturnType<typeof largerOf>): Encoding {
  const inside = inDomain(setting, span.min) && inDomain(setting, span.max);
  // A plain small count where a share or some other scale is meant: the scale is not stated.
  const isPercent = SETTINGS[setting].unit === "share" && (span.max === 99 || span.max === 100) && span.decimals === 0;
  if (isPercent) {
    const rawStep = Math.max(1, Math.round(span.step ?? 1));
    return plainNumber(setting, span.min, span.max, { rawStep, perRaw: 0.01, shownPer: 1 });
  }
  // Numbers that go the other way than what is counted are no counts of it.
  if (!inside || SETTINGS[setting].unit === "share" || larger === "less")
    return unknownScale(setting, Math.round(span.min), Math.round(span.max), larger);
  const { decimals } = span;
  const perRaw = 1 / 10 ** decimals;
  const rawStep = Math.max(1, Math.round((span.step ?? perRaw) / perRaw));
  return plainNumber(setting, Math.round(span.min / perRaw), Math.round(span.max / perRaw), {
    rawStep,
    perRaw,
    decimals,
  });
}

function wheelOf(tokens: Tokens): Shaped {
  const { span, options, listed } = tokens;
  const codes = (entries: readonly { raw: number; shows: string; inch: number }[]): Shaped => ({
    encoding: {
      kind: "wheel-code",
      setting: "circumferenceMm",
      codes: entries.map((entry) => ({ ...entry, circumferenceMm: null })),
      circumferenceUncertainty: CIRCUMFERENCE_UNCERTAINTY,
    },
    doubts: [],
  });
  const coded = inchesOf(options);
  if (coded) return codes(coded);
  if (span && span.min >= 400 && span.max <= 3200) return { encoding: sizeOf("mm", span.min, span.max), doubts: [] };
  const sizes = listed.map((shows) => ({ shows, inch: inchOf(typedNumber(shows)) }));
  if (sizes.length >= 2 && listed.every((shows) => isInch(typedNumber(shows))))
    return codes([...sizes].sort((a, b) => a.inch - b.inch).map((each, raw) => ({ raw, ...each })));
  if (!span || !isInch(span.min) || !isInch(span.max))
    return { encoding: hole("circumferenceMm", tokens), doubts: ["no-range"] };
  if (span.decimals > 0 || (span.step ?? 1) < 1)
    return { encoding: sizeOf("tenth-inch", Math.round(span.min * 10), Math.round(span.max * 10)), doubts: [] };
  const count = Math.round(span.max - span.min) + 1;
  return codes(
    Array.from({ length: count }, (_, i) => ({ raw: span.min + i, shows: String(span.min + i), inch: span.min + i })),
  );
}

const sizeOf = (heldIn: "mm" | "tenth-inch", rawMin: number, rawMax: number): Encoding => ({
  kind: "wheel-size",
  setting: "circumferenceMm",
  heldIn,
  rawMin,
  rawMax,
  circumferenceUncertainty: CIRCUMFERENCE_UNCERTAINTY,
});

function inchesOf(options: readonly Option[]): readonly { raw: number; shows: string; inch: number }[] | null {
  const coded = options.flatMap((option) => {
    const figure = /\d+(?:\.\d+)?/.exec(option.text)?.[0];
    return figure && isInch(typedNumber(figure))
      ? [{ raw: option.raw, shows: option.shows, inch: inchOf(typedNumber(figure)) }]
      : [];
  });
  return coded.length >= 2 && coded.length === options.length ? coded : null;
}
