"use client";
import { SETTING_KEYS, type DisplayProfile } from "@/core/display";
import { namesOf, rewritten, valueAt, type FormOf } from "@/core/display/editing";
import type { Named } from "@/core/display/fieldFacts";
import { SETTING_NAMES } from "@/words";
import { fieldLabel, lackingLabel } from "@/words/grammar";
import { ChordKeys } from "../ChordKeys";
import { done, hintOf, type FieldProps } from "./fieldProps";
import { Pick } from "@/ui/primitives";

/** What can be named, and what it is called. */
export function namedOptions(names: Named, profile: DisplayProfile): readonly { value: string; label: string }[] {
  if (names === "setting") return SETTING_KEYS.map((value) => ({ value, label: SETTING_NAMES[value] }));
  const labels = new Map<string, string>([
    ...profile.menu.pages.map(({ id, name }) => [`page ${id}`, name] as const),
    ...profile.keys.map(({ id, name }) => [`key ${id}`, name] as const),
  ]);
  return namesOf(names, profile).map((value) => ({ value, label: labels.get(`${names} ${value}`) ?? value }));
}

/** A field that names another part of the description. */
export function NamedField(props: FieldProps & { readonly names: Named; readonly lacking?: null | undefined }) {
  const { profile, path, names } = props;
  const mayLack = "lacking" in props;
  const value = valueAt(profile, path);
  const options = namedOptions(names, profile);
  return (
    <Pick
      label={fieldLabel(path)}
      hint={hintOf(props)}
      value={typeof value === "string" ? value : ""}
      options={mayLack ? [{ value: "", label: lackingLabel(path) }, ...options] : options}
      onPick={(picked) => done(props, (now) => rewritten(now, path, picked === "" && mayLack ? props.lacking : picked))}
    />
  );
}

/** Several parts of the description named at once: keys of a chord, pages. */
export function NamedList(props: FieldProps & { readonly form: FormOf<"list"> }) {
  const { profile, path, form } = props;
  const chosen = valueAt(profile, path) as readonly string[];
  return (
    <ChordKeys
      label={fieldLabel(path)}
      keys={namedOptions(form.of.facts.names ?? "key", profile)}
      chosen={chosen}
      most={form.most}
      onChoose={(next) => (next.length >= form.least ? done(props, (now) => rewritten(now, path, next)) : undefined)}
    />
  );
}
