/**
 * Everything known of a bike, in one record: what was said, measured or read, and the guess that stands in for the
 * rest. Each fact carries its unit, where it comes from, how far it may be off and when it was typed. What cannot be
 * taken is not known, and is named with what would be accepted.
 */
import { readQuantity } from "../units/quantity";
import { fieldProblem, type FieldProblem, type IntakeField } from "./fields";
import { FACT_FIELDS, FACT_KEYS, type FactKey, type NumberKey, type OptionKey } from "./keys";
import { MEASURED, READ_OFF, UNCERTAINTY } from "./origins";

/** A field with a guess always has a value. */
type GuessOf<Key extends FactKey> = (typeof FACT_FIELDS)[Key] extends { readonly guess: infer Guess } ? Guess : never;
type OptionOf<Key extends OptionKey> = (typeof FACT_FIELDS)[Key]["options"][number];

/** How a fact is known: told or off a label, taken with a measure, read off the display, or nobody has said it. */
export type Source = "said" | "measured" | "read" | "from-memory";

export interface Fact {
  readonly key: FactKey;
  /** In the field's own unit; an option by its name, a text as typed. */
  readonly value: number | string;
  readonly unit: string | null;
  readonly source: Source;
  /** How far it may be off either way, in its unit; null where nobody can say. */
  readonly uncertainty: number | null;
  /** When it was typed, as an ISO timestamp; null for what nobody typed, and where no time was kept. */
  readonly at: string | null;
}

export interface Facts {
  /** What was typed where it can be taken, in the field's unit; else the guess, null where there is none. */
  readonly number: <Key extends NumberKey>(key: Key) => number | (GuessOf<Key> extends number ? never : null);
  readonly option: <Key extends OptionKey>(key: Key) => OptionOf<Key> | (GuessOf<Key> extends string ? never : null);
  /** As typed, without blanks around it; empty where nothing that can be taken was typed. */
  readonly text: (key: FactKey) => string;
  /** Whether somebody said it, and it could be taken. */
  readonly said: (key: FactKey) => boolean;
  /** The fact with all that is known of it; null where it is not known and nothing stands in. */
  readonly fact: (key: FactKey) => Fact | null;
  readonly problems: { readonly [K in FactKey]?: FieldProblem };
}

/** Reads every fact out of the record it is kept in. `typedAt` tells when each was typed. */
export function readFacts(
  typed: Readonly<Record<string, string>>,
  typedAt: Readonly<Record<string, string>> = {},
): Facts {
  const problems: { [K in FactKey]?: FieldProblem } = {};
  for (const key of FACT_KEYS) {
    const problem = fieldProblem(FACT_FIELDS[key], typed[key] ?? "");
    if (problem) problems[key] = problem;
  }
  const text = (key: FactKey): string => (problems[key] ? "" : (typed[key] ?? "").trim());
  const said = (key: FactKey): boolean => text(key) !== "";
  const valueOf = (key: FactKey): number | string | null => {
    const field: IntakeField = FACT_FIELDS[key];
    if (!said(key)) return "guess" in field ? field.guess : null;
    return field.kind === "number" ? readQuantity(text(key), field.unit).value : text(key);
  };
  const numberOf = (key: NumberKey): number | null => valueOf(key) as number | null;
  return {
    number: numberOf as Facts["number"],
    option: valueOf as Facts["option"],
    text,
    said,
    fact: (key) => {
      const value = valueOf(key);
      if (value === null) return null;
      const field: IntakeField = FACT_FIELDS[key];
      return {
        key,
        value,
        unit: field.kind === "number" ? field.unit : null,
        source: !said(key) ? "from-memory" : MEASURED.has(key) ? "measured" : READ_OFF.has(key) ? "read" : "said",
        uncertainty: said(key) ? (UNCERTAINTY[key]?.(numberOf) ?? null) : null,
        at: said(key) ? (typedAt[key] ?? null) : null,
      };
    },
    problems,
  };
}
