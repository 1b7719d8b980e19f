/** What a form does to a description: a place put anew, with all that names it; a thing made another kind. */
import type { DisplayProfile, Encoding, Line } from "../profile";
import { lineAs } from "../lines";
import { encodingAs } from "./encodingAs";
import { firstRaws, furtherItem, ofKind } from "./blank";
import { formAt, nameOfPlace, type FieldForm } from "./grammar";
import { valueAt, withItemAt, withItemMoved, withoutItemAt, type Path } from "./paths";
import { checked, putAt, type Put } from "./putting";
import { withCode, withInfoLine } from "./structure";

/** Refused: another is called so already. */
const taken = (profile: DisplayProfile, path: Path): Put => ({
  ok: false,
  form: formAt(path, profile),
  at: path.join("."),
  says: "",
});

type Rewriting = (profile: DisplayProfile, path: Path, value: unknown) => Put;

/** The line a condition hangs on: another one has values of its own, and the condition begins anew. */
const conditionLine: Rewriting = (profile, path, value) =>
  putAt(profile, path.slice(0, -1), { line: value, raws: firstRaws(String(value), profile) });

/** Places that are more than their field, with how they are put anew. */
const REWRITINGS: Readonly<Record<string, Rewriting>> = {
  "lines.code": (profile, path, value) => {
    const called = withCode(profile, String(valueAt(profile, path)), String(value));
    return called ? checked(called, path, profile) : taken(profile, path);
  },
  "lines.shownWhen.line": conditionLine,
  "lines.mattersWhen.line": conditionLine,
  infoLines: (profile, path, value) => {
    const at = path[1];
    // The whole list, not one of it.
    if (typeof at !== "number") return putAt(profile, path, value);
    const isTaken = profile.infoLines.some((line, i) => line === value && i !== at);
    return isTaken ? taken(profile, path) : checked(withInfoLine(profile, at, String(value)), path, profile);
  },
};

/** A description with `value` at `path`, and whatever names what stood there following. */
export const rewritten: Rewriting = (profile, path, value) =>
  (REWRITINGS[nameOfPlace(path)] ?? putAt)(profile, path, value);

/** What stands at a place, made another kind. */
export function asKind(profile: DisplayProfile, path: Path, kind: string): Put {
  const form = formAt(path, profile);
  const kinds = form.kind === "may-lack" ? form.of : form;
  if (kinds.kind !== "kinds") return taken(profile, path);
  if (nameOfPlace(path) === "lines.encoding") {
    const line = valueAt(profile, path.slice(0, -1)) as Line;
    const next = lineAs(line, encodingAs(line.encoding, kind as Encoding["kind"], profile));
    return putAt(profile, path.slice(0, -1), next);
  }
  return putAt(profile, path, ofKind(kinds.kinds, kind, valueAt(profile, path) ?? {}, profile));
}

const listOf = (profile: DisplayProfile, path: Path): Extract<FieldForm, { kind: "list" }> | null => {
  const form = formAt(path, profile);
  const list = form.kind === "may-lack" ? form.of : form;
  return list.kind === "list" ? list : null;
};

/** One more in a list: like the last, told apart from it. */
export function withFurther(profile: DisplayProfile, path: Path): Put {
  const list = listOf(profile, path);
  if (!list) return taken(profile, path);
  const items = valueAt(profile, path) as readonly unknown[];
  const item = furtherItem(list.of, items, profile);
  return checked(withItemAt(profile, path, items.length, item), path, profile);
}

/** One of a list taken out. */
export const withoutOne = (profile: DisplayProfile, path: Path, at: number): Put =>
  checked(withoutItemAt(profile, path, at), path, profile);

/** One of a list moved to another place of it. */
export const withOneMoved = (profile: DisplayProfile, path: Path, from: number, to: number): Put =>
  checked(withItemMoved(profile, path, from, to), path, profile);
