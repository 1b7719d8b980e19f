/**
 * What a form needs to know of a field of a display profile and no validator does: which part of the description it
 * names, and the unit a hand types it in. Said beside the schema, and no part of it.
 */

/** Another part of the description a field names. */
export type Named = "page" | "key" | "line" | "info-line" | "setting";

export interface FieldFacts {
  readonly names?: Named;
  /** Unit a hand types it in, and how much of what is held one of it is. */
  readonly typedIn?: { readonly unit: "s" | "%" | "mm" | "in" | "V"; readonly per: number };
}

const known = new WeakMap<object, FieldFacts>();

/** The same schema, with facts of its field noted. */
export function noting<Schema extends object>(schema: Schema, facts: FieldFacts): Schema {
  known.set(schema, facts);
  return schema;
}

export const factsOfField = (schema: object): FieldFacts => known.get(schema) ?? {};
