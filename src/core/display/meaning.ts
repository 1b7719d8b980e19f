/**
 * A line whose values were seen before anybody knew what they mean, given a meaning: what it shows and how far it goes
 * stay as they were seen, and only what they stand for is new.
 */
import { rawValues, shows } from "./encoding";
import type { Encoding } from "./profile";
import { inDomain, SETTINGS, type SettingKey } from "./settings";
import { typedNumber } from "../units/typedNumber";

type Reserved = Extract<Encoding, { kind: "reserved" }>;

/** Assumed of a wheel code until it is proven on a bike, relative. */
const CODE_UNCERTAINTY = 0.03;
/** Wheel codes that are no inches: the road wheel calls itself by its millimetres. */
const INCHES_OF: Readonly<Record<string, number>> = { "700": 28, "650": 27 };

/** Most marks a line of no meaning lists, and most that stand beside a scale. */
const MOST_MARKS = 120;
const MOST_SPECIAL = 8;

/** A line nobody can give a meaning, with what it was seen to show. */
export function asSeen(encoding: Encoding): Reserved {
  if (encoding.kind === "reserved") return encoding;
  const raws = rawValues(encoding);
  const [rawMin, rawMax] = [Math.min(...raws), Math.max(...raws)];
  if (raws.length === 0) return { kind: "reserved", setting: null, rawMin: 0, rawMax: 9 };
  const plain = raws.every((raw) => shows(encoding, raw) === String(raw));
  if (plain && raws.length === rawMax - rawMin + 1) return { kind: "reserved", setting: null, rawMin, rawMax };
  if (encoding.kind === "number" && encoding.rawStep === 1 && encoding.special.length <= MOST_SPECIAL)
    return { kind: "reserved", setting: null, rawMin, rawMax, shown: scaleOf(encoding) };
  if (raws.length > MOST_MARKS) return { kind: "reserved", setting: null, rawMin, rawMax };
  const marks = raws.map((raw) => shows(encoding, raw));
  return { kind: "reserved", setting: null, rawMin: 0, rawMax: marks.length - 1, shown: { kind: "listed", marks } };
}

/** A scale as it is shown, with the values that have marks of their own. */
const scaleOf = ({ shownPer, shownOffset, decimals, special }: Extract<Encoding, { kind: "number" }>) => ({
  kind: "scaled" as const,
  per: shownPer,
  offset: shownOffset,
  decimals,
  special: special.flatMap(({ raw, shows: mark }) => (mark === null ? [] : [{ raw, shows: mark }])),
});

interface Mark {
  readonly raw: number;
  readonly shows: string;
  /** The number it shows; NaN where it is a word. */
  readonly number: number;
}

/** The encoding of a setting on a line seen so; null where the values seen cannot stand for it in any usual way. */
export function seenAs(encoding: Reserved, setting: SettingKey): Encoding | null {
  const marks = rawValues(encoding).map((raw): Mark => {
    const text = shows(encoding, raw);
    return { raw, shows: text, number: /^[+-]?\d+([.,]\d+)?$/.test(text) ? typedNumber(text) : NaN };
  });
  if (setting === "circumferenceMm") return wheelOf(encoding, marks);
  if (setting === "assistCapKmh" || setting === "throttleCapKmh") return capOf(encoding, setting, marks);
  const { domain, unit } = SETTINGS[setting];
  switch (domain.kind) {
    case "flag":
      return listed(setting, marks, [false, true]);
    case "choice":
      return listed(setting, marks, domain.values);
    case "number":
      return unit === "share" || unit === null ? unscaled(encoding, setting) : numberOf(encoding, setting, marks);
  }
}

/** As many values as there are meanings, in their usual order: common practice, no source. */
function listed(setting: SettingKey, marks: readonly Mark[], meanings: readonly (string | boolean)[]): Encoding | null {
  if (marks.length < 2 || marks.length > meanings.length) return null;
  const options = marks.map(({ raw, shows: text }, i) => ({ raw, shows: text, means: meanings[i] ?? "" }));
  return { kind: "choice", setting, options };
}

/** A scale from seen end to seen end, of which nobody knows yet what its numbers come to. */
const unscaled = ({ rawMin, rawMax, shown }: Reserved, setting: SettingKey): Encoding | null =>
  // It shows its raw numbers; a scale in words is no scale.
  shown === undefined
    ? { kind: "unknown-scale", setting, rawMin, rawMax, larger: "unknown", noneRaw: null, measured: [] }
    : null;

function numberOf({ rawMin, rawMax, shown }: Reserved, setting: SettingKey, marks: readonly Mark[]): Encoding | null {
  if (shown?.kind === "listed" || marks.some(({ number }) => Number.isNaN(number))) {
    const options = marks.flatMap(({ raw, shows: text, number }) =>
      inDomain(setting, number) ? [{ raw, shows: text, means: number }] : [],
    );
    return options.length === marks.length && options.length > 0 ? { kind: "choice", setting, options } : null;
  }
  const { per, offset, decimals } = shown ?? { per: 1, offset: 0, decimals: 0 };
  return {
    kind: "number",
    setting,
    rawMin,
    rawMax,
    rawStep: 1,
    perRaw: per,
    offset,
    shownPer: per,
    shownOffset: offset,
    decimals,
    special: [],
  };
}

/** A cap in whole numbers; a word at an end stands for none. What it is compared with nobody has said. */
function capOf(
  { rawMin, rawMax, shown }: Reserved,
  setting: "assistCapKmh" | "throttleCapKmh",
  marks: readonly Mark[],
): Encoding | null {
  if (shown?.kind === "listed" || (shown && (shown.per !== 1 || shown.decimals !== 0))) return null;
  const words = marks.filter(({ number }) => Number.isNaN(number));
  const offset = shown?.offset ?? 0;
  const [word] = words;
  if (words.length > 1 || (word && word.raw !== rawMin && word.raw !== rawMax)) return null;
  return {
    kind: "speed-cap",
    setting,
    heldIn: "kmh",
    rawMin: rawMin + offset,
    rawMax: rawMax + offset,
    uncappedRaw: word ? word.raw + offset : null,
    uncappedShows: word?.shows ?? null,
    basis: "unknown",
    endsThrottle: false,
    lowersPower: false,
  };
}

/** A wheel in millimetres, in inches to a tenth, or by codes of nominal inches. */
function wheelOf({ rawMin, rawMax, shown }: Reserved, marks: readonly Mark[]): Encoding | null {
  const numbers = marks.map(({ number }) => number);
  const [least, most] = [Math.min(...numbers), Math.max(...numbers)];
  if (shown === undefined && least >= 400)
    return {
      kind: "wheel-size",
      setting: "circumferenceMm",
      heldIn: "mm",
      rawMin,
      rawMax,
      circumferenceUncertainty: CODE_UNCERTAINTY,
    };
  if (shown?.kind === "scaled" && shown.per === 0.1 && shown.special.length === 0 && least >= 5 && most <= 40)
    return {
      kind: "wheel-size",
      setting: "circumferenceMm",
      heldIn: "tenth-inch",
      rawMin: Math.round(least * 10),
      rawMax: Math.round(most * 10),
      circumferenceUncertainty: CODE_UNCERTAINTY,
    };
  const codes = marks.map(({ raw, shows: text, number }) => ({
    raw,
    shows: text,
    inch: INCHES_OF[text] ?? number,
    circumferenceMm: null,
  }));
  const fine = codes.length > 0 && codes.length <= 64 && codes.every(({ inch }) => inch >= 5 && inch <= 40);
  return fine
    ? { kind: "wheel-code", setting: "circumferenceMm", codes, circumferenceUncertainty: CODE_UNCERTAINTY }
    : null;
}
