/** What a line can show, from what was seen of it: an even scale, or values one by one. */
import type { Encoding } from "../profile";
import { tidy } from "../../units";
import { typedDecimals, typedNumber } from "../../units/typedNumber";

/** A line's values as they were seen, in the order the plus key steps through them. */
export type Values =
  | {
      readonly kind: "even";
      readonly first: number;
      readonly last: number;
      readonly step: number;
      readonly decimals: number;
      /** A mark that stands before the first number, and one that stands after the last. */
      readonly before: string | null;
      readonly after: string | null;
    }
  | { readonly kind: "listed"; readonly shows: readonly string[] };

/** The number something shows, as a display writes it; NaN where it is none. */
export const shownNumber = (shows: string): number => (/^[+-]?\d+([.,]\d+)?$/.test(shows) ? typedNumber(shows) : NaN);

/** How many values an even scale has, its marks counted. */
export const countOf = (values: Values): number =>
  values.kind === "listed"
    ? values.shows.length
    : Math.round((values.last - values.first) / values.step) +
      1 +
      (values.before === null ? 0 : 1) +
      (values.after === null ? 0 : 1);

const near = (a: number, b: number): boolean => Math.abs(a - b) < 1e-6;

/** Values one by one as an even scale, where they are one; a mark may stand at either end. */
export function asEven(shows: readonly string[]): Extract<Values, { kind: "even" }> | null {
  const numbers = shows.map(shownNumber);
  const before = Number.isNaN(numbers[0]) ? (shows[0] ?? null) : null;
  const after = shows.length > 1 && Number.isNaN(numbers.at(-1)) ? (shows.at(-1) ?? null) : null;
  const inner = numbers.slice(before === null ? 0 : 1, after === null ? undefined : -1);
  const [first = NaN, second = NaN] = inner;
  const last = inner.at(-1) ?? NaN;
  const step = second - first;
  if (inner.length < 3 || !inner.every((n, i) => near(n, first + i * step)) || !(Math.abs(step) > 0)) return null;
  const decimals = Math.max(...shows.map((each) => (Number.isNaN(shownNumber(each)) ? 0 : typedDecimals(each))));
  const even: Values = { kind: "even", first, last, step: tidy(step), decimals, before, after };
  // Written in another way than a number is, with a plus sign or a nought before it, it is known one by one.
  return allShown(even).join("|") === shows.join("|") ? even : null;
}

/** How a line that shows these values is described while nobody knows what it means. */
export function reservedOf(values: Values): Extract<Encoding, { kind: "reserved" }> {
  if (values.kind === "listed") {
    const numbers = values.shows.map(shownNumber);
    const [first = NaN] = numbers;
    // Counted one by one it is a plain number.
    if (values.shows.every((shows, i) => near(numbers[i] ?? NaN, first + i) && shows === String(first + i)))
      return { kind: "reserved", setting: null, rawMin: first, rawMax: first + values.shows.length - 1 };
    return {
      kind: "reserved",
      setting: null,
      rawMin: 0,
      rawMax: values.shows.length - 1,
      shown: { kind: "listed", marks: [...values.shows] },
    };
  }
  const { first, step, decimals, before, after } = values;
  const special = [
    ...(before === null ? [] : [{ raw: 0, shows: before }]),
    ...(after === null ? [] : [{ raw: countOf(values) - 1, shows: after }]),
  ];
  const offset = first - (before === null ? 0 : step);
  if (special.length === 0 && decimals === 0 && step === 1)
    return { kind: "reserved", setting: null, rawMin: first, rawMax: values.last };
  return {
    kind: "reserved",
    setting: null,
    rawMin: 0,
    rawMax: countOf(values) - 1,
    shown: { kind: "scaled", per: step, offset: Number(offset.toFixed(6)), decimals, special },
  };
}

/** What the line shows, value by value. */
export function allShown(values: Values): readonly string[] {
  if (values.kind === "listed") return values.shows;
  const { first, last, step, decimals, before, after } = values;
  const count = Math.round((last - first) / step) + 1;
  return [
    ...(before === null ? [] : [before]),
    ...Array.from({ length: count }, (_, i) => (first + i * step).toFixed(decimals)),
    ...(after === null ? [] : [after]),
  ];
}
