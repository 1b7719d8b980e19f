/**
 * The grammar of a description as its schema says it, read for forms: what each field takes, which kinds it comes in,
 * what repeats, what may be lacking. A construct added to the schema has its form by that.
 */
import type { GenericSchema } from "valibot";
import { DisplayProfileSchema } from "../profileSchema";
import { factsOfField, type FieldFacts } from "../fieldFacts";
import type { Path } from "./paths";

export type Scalar = string | number | boolean;

/** What a field takes. */
export type FieldForm = { readonly schema: GenericSchema; readonly facts: FieldFacts } & (
  | { readonly kind: "choice"; readonly values: readonly Scalar[] }
  | {
      readonly kind: "number";
      readonly least: number;
      readonly most: number;
      readonly whole: boolean;
      readonly notNull: boolean;
    }
  | { readonly kind: "text"; readonly longest: number }
  /** What a value stands for: a number, yes or no, or a word of the setting's. */
  | { readonly kind: "meaning" }
  /** What a value stands for, of several settings. */
  | { readonly kind: "meanings" }
  /** Always the same: nothing to ask. */
  | { readonly kind: "fixed"; readonly value: Scalar | null }
  | { readonly kind: "may-lack"; readonly of: FieldForm; readonly lacking: null | undefined }
  | { readonly kind: "group"; readonly fields: Fields }
  | { readonly kind: "kinds"; readonly kinds: ReadonlyMap<string, Fields> }
  | { readonly kind: "list"; readonly of: FieldForm; readonly least: number; readonly most: number }
);

/** Fields by name, in the order they are asked. */
export type Fields = ReadonlyMap<string, FieldForm>;
export type FormOf<Kind extends FieldForm["kind"]> = Extract<FieldForm, { kind: Kind }>;

/** A Valibot schema as it stands in memory: only what is read here. */
interface Described {
  readonly type: string;
  readonly options?: readonly unknown[];
  readonly literal?: Scalar;
  readonly entries?: Readonly<Record<string, GenericSchema>>;
  readonly item?: GenericSchema;
  readonly wrapped?: GenericSchema;
  readonly pipe?: readonly Described[];
  readonly requirement?: unknown;
}

const described = (schema: GenericSchema): Described => schema as unknown as Described;

/** Everything a schema asks beyond its type, those it was made of first. */
const asks = (schema: Described): readonly Described[] =>
  (schema.pipe ?? []).flatMap((step, i) => (i === 0 ? asks(step) : [step]));

/** What a limit of that name is set to, the narrowest where it is set twice. */
function limit(schema: Described, type: string, narrower: (...all: number[]) => number, otherwise: number): number {
  const set = asks(schema).flatMap((ask) => (ask.type === type ? [Number(ask.requirement)] : []));
  return set.length > 0 ? narrower(...set) : otherwise;
}

const fieldsOf = (schema: Described): Fields =>
  new Map(Object.entries(schema.entries ?? {}).map(([name, field]) => [name, formOf(field)]));

const read = new WeakMap<GenericSchema, FieldForm>();

/** What a field of that schema takes. */
export function formOf(schema: GenericSchema): FieldForm {
  const known = read.get(schema);
  if (known) return known;
  const form: FieldForm = { schema, facts: factsOfField(schema), ...shapeOf(described(schema)) };
  read.set(schema, form);
  return form;
}

type Shape = FieldForm extends infer Form ? (Form extends FieldForm ? Omit<Form, "schema" | "facts"> : never) : never;

function shapeOf(schema: Described): Shape {
  const wrapped = (lacking: null | undefined): Shape => ({
    kind: "may-lack",
    of: formOf(inner(schema.wrapped)),
    lacking,
  });
  switch (schema.type) {
    case "picklist":
      return { kind: "choice", values: (schema.options ?? []) as readonly Scalar[] };
    case "boolean":
      return { kind: "choice", values: [false, true] };
    case "literal":
      return { kind: "fixed", value: schema.literal ?? null };
    case "null":
      return { kind: "fixed", value: null };
    case "number":
      return {
        kind: "number",
        least: limit(schema, "min_value", Math.max, -Infinity),
        most: limit(schema, "max_value", Math.min, Infinity),
        whole: asks(schema).some(({ type }) => type === "integer"),
        notNull: asks(schema).some(({ type }) => type === "check"),
      };
    case "string":
      return { kind: "text", longest: limit(schema, "max_length", Math.min, 400) };
    case "union":
      return { kind: "meaning" };
    case "record":
      return { kind: "meanings" };
    case "nullable":
      return wrapped(null);
    case "optional":
      return wrapped(undefined);
    case "strict_object":
      return { kind: "group", fields: fieldsOf(schema) };
    case "variant":
      return { kind: "kinds", kinds: new Map((schema.options ?? []).map((option) => kindOf(option as Described))) };
    case "array":
      return {
        kind: "list",
        of: formOf(inner(schema.item)),
        least: limit(schema, "min_length", Math.max, 0),
        most: limit(schema, "max_length", Math.min, 300),
      };
    default:
      throw new Error(`no form for ${schema.type}`);
  }
}

function inner(schema: GenericSchema | undefined): GenericSchema {
  if (!schema) throw new Error("a wrapper around nothing");
  return schema;
}

/** A kind by the word it is told by, and its fields without that word. */
function kindOf(option: Described): readonly [string, Fields] {
  const fields = new Map(fieldsOf(option));
  const word = fields.get("kind");
  fields.delete("kind");
  if (word?.kind !== "fixed") throw new Error("a kind without a word");
  return [String(word.value), fields];
}

/** The whole description. */
export const DESCRIPTION = formOf(DisplayProfileSchema);

/** The fields of a group, or of the kind `value` is of; none of anything else, nor where nothing is said. */
export function fieldsFor(form: FieldForm, value: unknown): Fields {
  if (form.kind === "may-lack") return value === form.lacking ? new Map() : fieldsFor(form.of, value);
  if (form.kind === "group") return form.fields;
  const kind = (value as { readonly kind?: unknown } | null)?.kind;
  return form.kind === "kinds" && typeof kind === "string" ? (form.kinds.get(kind) ?? new Map()) : new Map();
}

/** What is asked at a place of a description: `value` is that description. */
export function formAt(path: Path, value: unknown, form: FieldForm = DESCRIPTION): FieldForm {
  const [step, ...rest] = path;
  if (step === undefined) return form;
  if (form.kind === "may-lack") return formAt(path, value, form.of);
  const below = (value as Readonly<Record<string | number, unknown>> | null)?.[step];
  const next = form.kind === "list" ? form.of : fieldsFor(form, value).get(String(step));
  if (!next) throw new Error(`no field ${path.join(".")}`);
  return formAt(rest, below, next);
}

/** A place by the names on the way, without the numbers: what it is called by. */
export const nameOfPlace = (path: Path): string => path.filter((step) => typeof step === "string").join(".");
