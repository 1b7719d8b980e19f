"use client";
import type { ReactNode } from "react";
import { asKind, nameOfPlace, valueAt, type FormOf } from "@/core/display/editing";
import { Choice, Pick } from "@/ui/primitives";
import { fieldLabel, valueLabel } from "@/words/grammar";
import { done, hintOf, type FieldProps } from "./fieldProps";

/** Few enough kinds to stand in sight. */
const IN_SIGHT = 4;

/** Which kind a thing is, and the fields of that kind. */
export function KindField(props: FieldProps & { readonly form: FormOf<"kinds">; readonly children: ReactNode }) {
  const { profile, path, form, children } = props;
  const value = valueAt(profile, path) as { readonly kind: string };
  const options = [...form.kinds.keys()].map((kind) => ({ value: kind, label: valueLabel(path, kind) }));
  const put = (kind: string) => (kind === value.kind ? undefined : done(props, (now) => asKind(now, path, kind)));
  const shared = { label: fieldLabel(path), hint: hintOf(props), value: value.kind, options };
  return (
    <div className="grid gap-3 sm:col-span-2 sm:grid-cols-2" data-place={nameOfPlace(path)}>
      <div className="sm:col-span-2">
        {options.length > IN_SIGHT ? <Pick {...shared} onPick={put} /> : <Choice {...shared} onChoose={put} />}
      </div>
      {children}
    </div>
  );
}
