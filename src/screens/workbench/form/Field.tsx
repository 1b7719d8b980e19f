"use client";
import { useState, type ReactNode } from "react";
import {
  blank,
  fieldsAsked,
  fieldsFor,
  formAt,
  nameOfPlace,
  rewritten,
  typedText,
  typedValue,
  valueAt,
  type FieldForm,
  type FormOf,
  type Path,
} from "@/core/display/editing";
import { Choice, KeptField, Pick } from "@/ui/primitives";
import { fieldLabel, lackingLabel, takesText, valueLabel, whatIsKept, whereItIsSaid } from "@/words/grammar";
import { ConditionValues } from "./ConditionValues";
import { done, hintOf, type FieldProps } from "./fieldProps";
import { KindField } from "./KindField";
import { ListField } from "./ListField";
import { Meaning, Meanings } from "./Meaning";
import { NamedField, NamedList } from "./NamedField";

/** One field of a description, drawn by what it takes. */
export function Field(props: FieldProps): ReactNode {
  const { form, path } = props;
  const { names } = form.facts;
  switch (form.kind) {
    case "fixed":
      return null;
    case "choice":
      return <ChoiceField {...props} form={form} />;
    case "number":
      return <TypedField {...props} />;
    case "text":
      return names ? <NamedField {...props} names={names} /> : <TypedField {...props} />;
    case "meaning":
      return <Meaning {...props} />;
    case "meanings":
      return <Meanings {...props} />;
    case "may-lack":
      return <MayLack {...props} form={form} />;
    case "group":
      return <Group {...props} />;
    case "kinds":
      return (
        <KindField {...props} form={form}>
          <FieldsOf {...props} />
        </KindField>
      );
    case "list":
      if (nameOfPlace(path).endsWith("When.raws")) return <ConditionValues {...props} />;
      if (form.of.facts.names) return <NamedList {...props} form={form} />;
      return <ListField {...props} form={form} drawItem={(here, heard) => itemOf(props, form.of, here, heard)} />;
  }
}

/** One item of a list: its fields, or the one field it is. */
const itemOf = (props: FieldProps, form: FieldForm, path: Path, heard: string): ReactNode =>
  form.kind === "group" ? (
    <FieldsOf {...props} path={path} form={form} named={false} inARow />
  ) : (
    <Field {...props} path={path} form={form} heard={heard} />
  );

/** The fields of whatever stands at a place, those asked there. */
export function FieldsOf(props: FieldProps) {
  const { profile, path } = props;
  const fields = fieldsFor(formAt(path, profile), valueAt(profile, path));
  return fieldsAsked(profile, path).map((name) => {
    const form = fields.get(name);
    return form ? <Field key={name} {...props} path={[...path, name]} form={form} /> : null;
  });
}

/** Long choices are picked from a list, short ones stand in sight. */
const IN_SIGHT = 6;

function ChoiceField(props: FieldProps & { readonly form: FormOf<"choice"> }) {
  const { profile, path, form } = props;
  const options = form.values.map((value) => ({ value: String(value), label: valueLabel(path, value) }));
  const put = (chosen: string) =>
    done(props, (now) =>
      rewritten(
        now,
        path,
        form.values.find((value) => String(value) === chosen),
      ),
    );
  const shared = { label: fieldLabel(path), hint: hintOf(props), value: String(valueAt(profile, path)), options };
  return options.length > IN_SIGHT ? <Pick {...shared} onPick={put} /> : <Choice {...shared} onChoose={put} />;
}

/** A number or a text; what does not fit stays as typed and says what would. */
export function TypedField(props: FieldProps) {
  const { profile, path, form, heard } = props;
  const [refused, setRefused] = useState<{ readonly typed: string; readonly kept: string } | null>(null);
  const inner = form.kind === "may-lack" ? form.of : form;
  const typedIn = inner.facts.typedIn;
  const kept = typedText(form, valueAt(profile, path));
  // What was refused stands until something else is kept there.
  const standing = refused?.kept === kept ? refused : null;
  return (
    <KeptField
      of={path.join(".")}
      label={heard ?? fieldLabel(path)}
      hideLabel={heard !== undefined}
      numeric={inner.kind === "number"}
      unit={typedIn?.unit ?? null}
      hint={heard === undefined ? hintOf(props) : undefined}
      value={standing?.typed ?? kept}
      onKeep={(typed) => {
        const value = typedValue(form, typed, null);
        const lacks = form.kind === "may-lack" && typed.trim() === "";
        const fits = (value !== undefined || lacks) && done(props, (now) => rewritten(now, path, value)).ok;
        setRefused(fits ? null : { typed, kept });
      }}
      problem={standing ? `${takesText(inner)} ${whatIsKept(kept)}` : null}
    />
  );
}

/** A field that may hold nothing: then it says what that means. */
function MayLack(props: FieldProps & { readonly form: FormOf<"may-lack"> }) {
  const { profile, path, form } = props;
  const value = valueAt(profile, path);
  const lacks = value === null || value === undefined;
  const inner = form.of;
  if (inner.kind === "number" || (inner.kind === "text" && !inner.facts.names)) return <TypedField {...props} />;
  const put = (next: unknown) => done(props, (now) => rewritten(now, path, next));
  if (inner.kind === "choice" && inner.values.length <= IN_SIGHT)
    return (
      <Choice
        label={fieldLabel(path)}
        hint={hintOf(props)}
        value={lacks ? "" : String(value)}
        options={[
          { value: "", label: lackingLabel(path) },
          ...inner.values.map((each) => ({ value: String(each), label: valueLabel(path, each) })),
        ]}
        onChoose={(chosen) => put(chosen === "" ? form.lacking : inner.values.find((each) => String(each) === chosen))}
      />
    );
  if (inner.kind === "choice" || inner.kind === "text")
    return <NamedField {...props} form={inner} names={inner.facts.names ?? "setting"} lacking={form.lacking} />;
  return (
    <div className="sm:col-span-2">
      <Choice
        label={fieldLabel(path)}
        hint={lacks ? undefined : hintOf(props)}
        value={lacks ? "no" : "yes"}
        options={[
          { value: "no", label: lackingLabel(path) },
          { value: "yes", label: whereItIsSaid },
        ]}
        onChoose={(said) => put(said === "yes" ? (lacks ? blank(inner, profile) : value) : form.lacking)}
      />
      {lacks ? null : (
        <div className="mt-2">
          <Field {...props} form={inner} named />
        </div>
      )}
    </div>
  );
}

/** Fields that belong together. */
function Group(props: FieldProps) {
  return (
    <fieldset className="grid gap-3 border-l-2 border-rule pl-3 sm:col-span-2 sm:grid-cols-2">
      <legend className={props.named ? "sr-only" : "text-[0.92rem] font-semibold"}>{fieldLabel(props.path)}</legend>
      <FieldsOf {...props} />
    </fieldset>
  );
}
