/** Every fact there is a place for: what the intake asks, and the figures behind the benches. */
import type { IntakeField } from "./fields";
import { FIGURES } from "./figures";
import { INTAKE_FIELDS } from "./intake";

export const FACT_FIELDS = { ...INTAKE_FIELDS, ...FIGURES };

export type FactKey = keyof typeof FACT_FIELDS;
export const FACT_KEYS = Object.keys(FACT_FIELDS) as readonly FactKey[];

type KeyOf<Kind extends IntakeField["kind"]> = {
  [K in FactKey]: (typeof FACT_FIELDS)[K] extends { readonly kind: Kind } ? K : never;
}[FactKey];
export type NumberKey = KeyOf<"number">;
export type OptionKey = KeyOf<"option">;
