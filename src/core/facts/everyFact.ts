/** Every fact there is a place for: what the intake asks, and the figures behind the benches. */
import { factsOf, type FactsOf } from "./facts";
import { FIGURES } from "./figures";
import { INTAKE_FIELDS } from "./intake";

export const FACT_FIELDS = { ...INTAKE_FIELDS, ...FIGURES };

export type FactKey = keyof typeof FACT_FIELDS;
export const FACT_KEYS = Object.keys(FACT_FIELDS) as readonly FactKey[];

export type Facts = FactsOf<typeof FACT_FIELDS>;

/** Reads everything known of a bike. What needs no bench asks for the bike alone (`readIntake`) and loads less. */
export const readFacts = (typed: Readonly<Record<string, string>>): Facts => factsOf(FACT_FIELDS, typed);
