/** The least a field can hold to begin with, from what is described already; and one kind made another. */
import { is } from "valibot";
import { rawValues } from "../encoding";
import { layoutOf, type DisplayProfile } from "../profile";
import { SETTINGS, type SettingKey } from "../settings";
import { fieldsFor, type FieldForm, type Fields, type Scalar } from "./grammar";
import type { Named } from "../fieldFacts";

type Row = Readonly<Record<string, unknown>>;

/** The least value a setting can stand at. */
export function leastOf(setting: SettingKey): string | number | boolean {
  const { domain } = SETTINGS[setting];
  if (domain.kind === "flag") return false;
  return domain.kind === "choice" ? (domain.values[0] ?? "") : domain.min;
}

/** What a field that names another part may name, in the order it is described. */
export function namesOf(what: Exclude<Named, "setting">, profile: DisplayProfile): readonly string[] {
  switch (what) {
    case "page":
      return profile.menu.pages.map(({ id }) => id);
    case "key":
      return profile.keys.map(({ id }) => id);
    case "line":
      return profile.lines.map(({ code }) => code);
    case "info-line":
      return profile.infoLines;
  }
}

const within = (wanted: number, least: number, most: number): number => Math.min(Math.max(wanted, least), most);

/** To begin with where a field wants a text and nothing is known. */
const UNNAMED = "?";
/** A second, a millimetre more than any wheel: what is usual where a unit is asked. Common practice, no source. */
const USUAL: Readonly<Record<string, number>> = { s: 2000, mm: 2000, in: 26, V: 36, "%": 0.03 };

/** The least that fits a field. */
export function blank(form: FieldForm, profile: DisplayProfile): unknown {
  switch (form.kind) {
    case "choice":
      return form.values[0];
    case "fixed":
      return form.value;
    case "number": {
      const usual = form.facts.typedIn ? (USUAL[form.facts.typedIn.unit] ?? 0) : form.notNull ? 1 : 0;
      return within(usual, form.least, form.most);
    }
    case "text": {
      const { names } = form.facts;
      const first = names && names !== "setting" ? namesOf(names, profile)[0] : undefined;
      return first ?? [UNNAMED, "x", "1", "2026-01-01"].find((text) => is(form.schema, text)) ?? UNNAMED;
    }
    case "meaning":
      return 0;
    case "meanings":
      return { speedUnit: leastOf("speedUnit") };
    case "may-lack":
      return form.lacking;
    case "group":
      return filled(form.fields, profile);
    case "kinds": {
      const [first] = form.kinds;
      return first ? ofKind(form.kinds, first[0], {}, profile) : {};
    }
    case "list":
      return Array.from({ length: form.least }, () => blank(form.of, profile));
  }
}

function filled(fields: Fields, profile: DisplayProfile): Row {
  const row = Object.fromEntries(
    [...fields]
      .map(([name, field]) => [name, blank(field, profile)] as const)
      .filter(([, value]) => value !== undefined),
  );
  // A condition begins with a value its line has.
  return fields.has("raws") ? { ...row, raws: firstRaws(String(row.line), profile) } : row;
}

/** The first value a line has, to begin a condition with. */
export function firstRaws(code: string, profile: DisplayProfile): readonly number[] {
  const line = profile.lines.find((each) => each.code === code);
  return [(line && rawValues(line.encoding)[0]) ?? 0];
}

/** A thing of another kind: fields both kinds have keep what stood in them, where the new one takes it. */
export function ofKind(
  kinds: ReadonlyMap<string, Fields>,
  kind: string,
  was: unknown,
  profile: DisplayProfile,
): Readonly<Record<string, unknown>> {
  const fields = kinds.get(kind) ?? new Map<string, FieldForm>();
  const stood = was as Row;
  const kept = [...fields].filter(([name, field]) => name in stood && is(field.schema, stood[name]));
  return { kind, ...filled(fields, profile), ...Object.fromEntries(kept.map(([name]) => [name, stood[name]])) };
}

/** Fields of a row in which no two rows of a list may agree. */
const TOLD_APART: ReadonlySet<string> = new Set(["raw", "shows", "code", "id", "nominalV", "name", "keyboard", "cap"]);

/** A further item of a list: like the last one, told apart from it; the least that fits where there is none. */
export function furtherItem(form: FieldForm, items: readonly unknown[], profile: DisplayProfile): unknown {
  const last = items[items.length - 1];
  if (form.kind === "text" || form.kind === "choice") return furtherScalar(form, items as readonly Scalar[], profile);
  if (form.kind === "number") return typeof last === "number" ? last + 1 : blank(form, profile);
  if (last === undefined || last === null || typeof last !== "object") return blank(form, profile);
  const taken = (name: string) => items.map((item) => (item as Row)[name]);
  const row = Object.entries(last).map(([name, value]): readonly [string, unknown] => {
    const field = fieldsFor(form, last).get(name);
    if (!TOLD_APART.has(name) || !field) return [name, value];
    return [name, furtherScalar(field, taken(name) as readonly Scalar[], profile)];
  });
  return Object.fromEntries(row);
}

/** A value none of the others is: the next number, the next name there is, the last one counted on. */
function furtherScalar(form: FieldForm, taken: readonly Scalar[], profile: DisplayProfile): unknown {
  if (form.kind === "number") return Math.max(...taken.map(Number), form.least === -Infinity ? -1 : form.least - 1) + 1;
  if (form.kind === "choice") return form.values.find((value) => !taken.includes(value)) ?? form.values[0];
  const { names } = form.facts;
  if (names && names !== "setting")
    return namesOf(names, profile).find((name) => !taken.includes(name)) ?? blank(form, profile);
  const last = String(taken[taken.length - 1] ?? "");
  const [, stem = "", digits = ""] = /^(.*?)(\d*)$/.exec(last) ?? [];
  const counted = [...Array(taken.length + 2).keys()].map((i) => `${stem}${Number(digits || 1) + i + 1}`);
  const letters = [..."?abcdefghijklmnopqrstuvwxyz123456789"];
  return [...counted, ...letters].find((text) => !taken.includes(text) && is(form.schema, text)) ?? UNNAMED;
}

/** Page and place of a line's entry; null where no page lists it. */
export const placeOf = (profile: DisplayProfile, code: string) => {
  const layout = layoutOf(profile);
  return layout.placeOfLine[layout.byCode.get(code) ?? -1] ?? null;
};
