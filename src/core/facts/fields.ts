/** A fact as it is asked for: what kind of text it is typed as, what would be accepted, what is guessed without it. */
import { readQuantity } from "../units/quantity";
import { typedNumber } from "../units/typedNumber";
import { readTyreMarking } from "../wheel/sidewall";
import { designationOf } from "../wheel/tyre";
import type { TyreProblem } from "../wheel";

export interface NumberField<Guess extends number | null = number | null> {
  readonly kind: "number";
  readonly unit: string | null;
  readonly min: number;
  readonly max: number;
  readonly whole: boolean;
  /** Taken when the field is empty, and marked as a guess. */
  readonly guess: Guess;
}
export interface OptionField<Option extends string = string, Guess extends Option | null = Option | null> {
  readonly kind: "option";
  readonly options: readonly Option[];
  readonly guess: Guess;
}
interface TextField {
  readonly kind: "text";
  readonly longest: number;
  /** The text is speeds in a row. */
  readonly speeds?: boolean;
}
interface TyreField {
  readonly kind: "tyre";
}
interface VoltsField {
  readonly kind: "volts-list";
}

export type IntakeField = NumberField | OptionField | TextField | TyreField | VoltsField;

export const number = <const Guess extends number | null = null>(
  unit: string | null,
  min: number,
  max: number,
  guess?: Guess,
  whole = false,
): NumberField<Guess> => ({ kind: "number", unit, min, max, whole, guess: (guess ?? null) as Guess });

/** One of these; `guess` is taken where nobody says which. */
export function option<const Option extends string>(options: readonly Option[]): OptionField<Option, null>;
export function option<const Option extends string, const Guess extends Option>(
  options: readonly Option[],
  guess: Guess,
): OptionField<Option, Guess>;
export function option(options: readonly string[], guess: string | null = null): OptionField {
  return { kind: "option", options, guess };
}

export const text = (longest: number): TextField => ({ kind: "text", longest });

export type FieldProblem =
  | {
      readonly key: "field.not-a-number";
      readonly typed: string;
      readonly min: number;
      readonly max: number;
      readonly unit: string | null;
    }
  | {
      readonly key: "field.out-of-range";
      readonly typed: string;
      readonly min: number;
      readonly max: number;
      readonly unit: string | null;
    }
  | {
      readonly key: "field.not-whole";
      readonly typed: string;
      readonly min: number;
      readonly max: number;
      readonly unit: string | null;
    }
  | { readonly key: "field.not-an-option"; readonly typed: string; readonly accepted: readonly string[] }
  | { readonly key: "field.too-long"; readonly longest: number }
  | { readonly key: "field.not-volts"; readonly typed: string }
  | TyreProblem;

/**
 * What a number typed in another unit is taken as, in the field's own; null where it is in that unit, or cannot be
 * taken.
 */
export function takenAs(field: IntakeField, typed: string): number | null {
  if (field.kind !== "number" || fieldProblem(field, typed)) return null;
  const { value, converted } = readQuantity(typed, field.unit);
  return converted ? value : null;
}

/** Checks one field on its own; null where what is typed can be taken. */
export function fieldProblem(field: IntakeField, typed: string): FieldProblem | null {
  if (typed.trim() === "") return null;
  switch (field.kind) {
    case "text":
      return typed.length > field.longest ? { key: "field.too-long", longest: field.longest } : null;
    case "option":
      return field.options.includes(typed) ? null : { key: "field.not-an-option", typed, accepted: field.options };
    case "tyre": {
      const reading = readTyreMarking(typed);
      return reading.ok ? null : reading.problem;
    }
    case "volts-list":
      return voltsOf(typed) ? null : { key: "field.not-volts", typed };
    case "number": {
      const { min, max, unit, whole } = field;
      const { value } = readQuantity(typed, unit);
      if (Number.isNaN(value)) return { key: "field.not-a-number", typed, min, max, unit };
      if (value < min || value > max) return { key: "field.out-of-range", typed, min, max, unit };
      return whole && !Number.isInteger(value) ? { key: "field.not-whole", typed, min, max, unit } : null;
    }
  }
}

export function voltsOf(typed: string): readonly number[] | null {
  const parts = typed
    .split(/[\s/;,]+/)
    .filter(Boolean)
    .map((part) => typedNumber(part.replace(/v$/i, "")));
  return parts.length > 0 && parts.every((volts) => volts >= 12 && volts <= 120) ? parts : null;
}

/** Share of a number within which two are one: converting between units rounds. */
const ROUNDING = 1e-6;

/**
 * Whether two texts of one field say the same. Another unit or another spelling of one value is the same; a text that
 * cannot be taken is the same only to the letter, and one left empty only where both are.
 */
export function saysTheSame(field: IntakeField, one: string, other: string): boolean {
  const texts = [one.trim(), other.trim()] as const;
  const [a, b] = texts;
  if (a === b) return true;
  if (texts.some((typed) => typed === "" || fieldProblem(field, typed) !== null)) return false;
  switch (field.kind) {
    case "text":
    case "option":
      return false;
    case "tyre": {
      const [here, there] = [readTyreMarking(a), readTyreMarking(b)];
      return here.ok && there.ok && designationOf(here.tyre) === designationOf(there.tyre);
    }
    case "volts-list":
      return voltsOf(a)?.join() === voltsOf(b)?.join();
    case "number": {
      const [here, there] = [readQuantity(a, field.unit).value, readQuantity(b, field.unit).value];
      return Math.abs(here - there) <= ROUNDING * Math.abs(here);
    }
  }
}
