/**
 * Everything known of a bike, in one record: what was said, measured or read, and the guess that stands in for the
 * rest. What cannot be taken is not known, and is named with what would be accepted. Where each fact comes from, how
 * far it may be off and when it was typed is told by `origins`.
 */
import { readQuantity } from "../units/quantity";
import { fieldProblem, type FieldProblem, type IntakeField } from "./fields";

export type Fields = Readonly<Record<string, IntakeField>>;
type KeyOf<F extends Fields, Kind extends IntakeField["kind"]> = {
  [K in keyof F & string]: F[K] extends { readonly kind: Kind } ? K : never;
}[keyof F & string];
/** A field with a guess always has a value. */
type GuessOf<Field> = Field extends { readonly guess: infer Guess } ? Guess : never;
type OptionOf<Field> = Field extends { readonly options: readonly (infer Option)[] } ? Option : never;

/** Facts of these fields. */
export interface FactsOf<F extends Fields> {
  /** What was typed where it can be taken, in the field's unit; else the guess, null where there is none. */
  readonly number: <Key extends KeyOf<F, "number">>(
    key: Key,
  ) => number | (GuessOf<F[Key]> extends number ? never : null);
  readonly option: <Key extends KeyOf<F, "option">>(
    key: Key,
  ) => OptionOf<F[Key]> | (GuessOf<F[Key]> extends string ? never : null);
  /** As typed, without blanks around it; empty where nothing that can be taken was typed. */
  readonly text: (key: keyof F & string) => string;
  /** Whether somebody said it, and it could be taken. */
  readonly said: (key: keyof F & string) => boolean;
  /** As said, or what stands in for it; null where it is not known and nothing does. */
  readonly value: (key: keyof F & string) => number | string | null;
  readonly problems: { readonly [K in keyof F]?: FieldProblem };
}

/** Reads facts out of the record they are kept in. */
export function factsOf<F extends Fields>(fields: F, typed: Readonly<Record<string, string>>): FactsOf<F> {
  const problems: Record<string, FieldProblem> = {};
  for (const [key, field] of Object.entries(fields)) {
    const problem = fieldProblem(field, typed[key] ?? "");
    if (problem) problems[key] = problem;
  }
  const text = (key: string): string => (problems[key] ? "" : (typed[key] ?? "").trim());
  const said = (key: string): boolean => text(key) !== "";
  const valueOf = (key: string): number | string | null => {
    const field = fields[key];
    if (!field) return null;
    if (!said(key)) return "guess" in field ? field.guess : null;
    return field.kind === "number" ? readQuantity(text(key), field.unit).value : text(key);
  };
  const numberOf = (key: string): number | null => valueOf(key) as number | null;
  return {
    number: numberOf as FactsOf<F>["number"],
    option: valueOf as FactsOf<F>["option"],
    text,
    said,
    value: valueOf,
    problems: problems as FactsOf<F>["problems"],
  };
}
