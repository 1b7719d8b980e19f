"use client";
import { cellsOf } from "@/core/display";
import { fieldsAsked, fieldsFor, formAt, valueAt, type Path } from "@/core/display/editing";
import { KeptField } from "@/ui/primitives";
import { fieldLabel } from "@/words/grammar";
import type { ReactNode } from "react";
import { Cell } from "./Cell";
import { Field } from "./form/Field";
import { KindField } from "./form/KindField";
import { LineClaims } from "./LineClaims";
import { SettingField } from "./SettingField";
import { LONGEST_NOTE, lineProps, type LineAtProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/lineDetail";

const CELLS = ["from", "to", "step", "factory"] as const;

/**
 * One line in full, or what its row of the grid leaves out: what kind it is, its values, when it is there and does
 * something, its note, and who says so.
 */
export function LineDetail(props: LineAtProps & { readonly inARow?: boolean }) {
  const { profile, at, inARow = false } = props;
  const line = profile.lines[at];
  if (!line) return null;
  const { onPut } = lineProps(props);
  const cells = cellsOf(line);
  const here: Path = ["lines", at];
  const field = (name: string) => <Field {...props} path={[...here, name]} form={formAt([...here, name], profile)} />;
  return (
    <section aria-label={say.lineInFull(line.code)} className="rounded-xl bg-sheet p-5 max-sm:p-3">
      <h2 className="mb-3 text-[1.3rem]">{say.lineDetailLine(line.code)}</h2>
      <div className="grid gap-4 sm:grid-cols-2">
        {inARow ? null : (
          <Labelled label={fieldLabel([...here, "encoding", "setting"])}>
            <SettingField line={line} onPut={onPut} />
          </Labelled>
        )}
        <Kind {...props} />
        {cells.options !== null ? (
          <div className="sm:col-span-2">
            <Labelled label={line.encoding.kind === "wheel-code" ? say.wheelCodesAsShown : say.valuesAsShownMeaning}>
              <Cell line={line} field="options" text={cells.options} onPut={onPut} />
            </Labelled>
          </div>
        ) : null}
        {CELLS.map((name) =>
          cells[name] === null || (inARow && name !== "step") ? null : (
            <Labelled key={name} label={say.cellNames[name]}>
              <Cell line={line} field={name} text={cells[name]} onPut={onPut} />
            </Labelled>
          ),
        )}
        <OfItsKind {...props} wanted={isPlain} />
        {field("atEnds")}
        {field("makerOnly")}
        {field("effect")}
        {field("shownWhen")}
        {field("mattersWhen")}
        <div className="sm:col-span-2">
          <KeptField
            of={`${line.code} note`}
            label={say.note}
            longest={LONGEST_NOTE}
            value={line.note ?? ""}
            onKeep={(note) => onPut({ ...line, note: note.trim() === "" ? null : note })}
          />
        </div>
        <InFull {...props} />
      </div>
      <LineClaims {...props} />
    </section>
  );
}

/** What kind of line it is; what it was seen to show stays when that changes. */
function Kind(props: LineAtProps) {
  const path: Path = ["lines", props.at, "encoding"];
  const form = formAt(path, props.profile);
  return form.kind === "kinds" ? (
    <KindField {...props} path={path} form={form}>
      {null}
    </KindField>
  ) : null;
}

type Wanted = (name: string, value: unknown, kind: string) => boolean;

/** What is asked of its kind in sight: choices, and what was measured. */
const isPlain: Wanted = (name, _, kind) => kind === "choice" || name === "measured" || name === "handsOverRaw";
const isFigure: Wanted = (name, value, kind) => !isPlain(name, value, kind);

/** What only lines of this kind have. */
function OfItsKind(props: LineAtProps & { readonly wanted: Wanted }) {
  const { profile, at, wanted } = props;
  const path: Path = ["lines", at, "encoding"];
  const fields = fieldsFor(formAt(path, profile), valueAt(profile, path));
  return fieldsAsked(profile, path).map((name) => {
    const form = fields.get(name);
    const inner = form?.kind === "may-lack" ? form.of : form;
    return form && inner && wanted(name, valueAt(profile, [...path, name]), inner.kind) ? (
      <Field key={name} {...props} path={[...path, name]} form={form} />
    ) : null;
  });
}

/** Its values one by one, and every figure of its scale. */
function InFull(props: LineAtProps) {
  const { encoding } = props.profile.lines[props.at] ?? {};
  if (!encoding || encoding.kind === "clock") return null;
  return (
    <details className="sm:col-span-2">
      <summary className="min-h-11 py-2 font-semibold">{say.everyFigureOfIt}</summary>
      <div className="grid gap-4 sm:grid-cols-2">
        <OfItsKind {...props} wanted={isFigure} />
      </div>
    </details>
  );
}

function Labelled({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <span className="text-[0.92rem] font-semibold">{label}</span>
      {children}
    </div>
  );
}
