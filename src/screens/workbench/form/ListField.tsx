"use client";
import { useState, type ReactNode } from "react";
import {
  columnsOf,
  pastedItems,
  rewritten,
  valueAt,
  withFurther,
  withOneMoved,
  withoutOne,
  type FormOf,
  type Path,
} from "@/core/display/editing";
import type { Line } from "@/core/display";
import { Button } from "@/ui/primitives";
import { isSecondClick, pressOnce } from "@/ui/primitives/Button";
import { fieldHint, fieldLabel } from "@/words/grammar";
import { done, type FieldProps } from "./fieldProps";
import * as say from "@/words/screens/workbench/form/listField";

interface ListProps extends FieldProps {
  readonly form: FormOf<"list">;
  /** Draws the fields of one item; `heard` is what it is called for those who hear it. */
  readonly drawItem: (path: Path, heard: string) => ReactNode;
}

/** Things in a row: each with its fields, put in, taken out, moved, or pasted as a column. */
export function ListField(props: ListProps) {
  const { profile, path, form } = props;
  const items = valueAt(profile, path) as readonly unknown[];
  const [pasting, setPasting] = useState(false);
  const label = fieldLabel(path);
  // Said once, and not again in every row.
  const ofRows =
    form.of.kind === "group"
      ? [...form.of.fields.keys()].flatMap((name) => {
          const hint = fieldHint([...path, 0, name]);
          return hint ? [say.hintOfColumn(fieldLabel([...path, 0, name]), hint)] : [];
        })
      : [];
  const own = props.named || props.inARow ? undefined : fieldHint(path);
  const hints = [...(own ? [own] : []), ...(items.length > 0 ? ofRows : [])];
  return (
    <fieldset className="min-w-0 sm:col-span-2">
      <legend className={props.named ? "sr-only" : "text-[0.92rem] font-semibold"}>{label}</legend>
      {hints.length > 0 ? <p className="mb-1 text-[0.85rem] text-quiet">{hints.join(" ")}</p> : null}
      <ol>
        {items.map((_, i) => (
          <Item key={i} {...props} at={i} count={items.length} label={label} />
        ))}
      </ol>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button disabled={items.length >= form.most} onClick={() => done(props, (now) => withFurther(now, path))}>
          {say.oneMore}
          <span className="sr-only">{say.ofList(label)}</span>
        </Button>
        {columnsOf(form).length > 0 ? (
          <Button weight="quiet" aria-expanded={pasting} onClick={() => setPasting(!pasting)}>
            {say.pasteAColumn}
            <span className="sr-only">{say.ofList(label)}</span>
          </Button>
        ) : null}
      </div>
      {pasting ? <PasteColumn {...props} label={label} onDone={() => setPasting(false)} /> : null}
    </fieldset>
  );
}

interface ItemProps extends ListProps {
  readonly at: number;
  readonly count: number;
  readonly label: string;
}

function Item({ at, count, label, drawItem, ...props }: ItemProps) {
  const { path, form } = props;
  const here = [...path, at];
  const named = say.itemOf(label, at);
  return (
    <li className="flex flex-wrap items-end gap-2 border-t border-rule py-2">
      <div
        role="group"
        aria-label={named}
        className="grid min-w-0 flex-1 grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] items-end gap-2"
      >
        {drawItem(here, named)}
      </div>
      <div className="flex gap-1">
        <Small
          name={say.up(named)}
          disabled={at === 0}
          onClick={() => done(props, (now) => withOneMoved(now, path, at, at - 1))}
        >
          {say.upSign}
        </Small>
        <Small
          name={say.down(named)}
          disabled={at === count - 1}
          onClick={() => done(props, (now) => withOneMoved(now, path, at, at + 1))}
        >
          {say.downSign}
        </Small>
        <Small
          name={say.out(named)}
          disabled={count <= form.least}
          onClick={() => done(props, (now) => withoutOne(now, path, at))}
        >
          {say.outSign}
        </Small>
      </div>
    </li>
  );
}

interface SmallProps {
  readonly name: string;
  readonly disabled: boolean;
  readonly onClick: () => void;
  readonly children: string;
}

/** A key for what is done often and needs no words in sight. */
const Small = ({ name, disabled, onClick, children }: SmallProps) => (
  <button
    type="button"
    aria-label={name}
    title={name}
    disabled={disabled}
    onKeyDown={pressOnce}
    onClick={(event) => (isSecondClick(event) ? undefined : onClick())}
    className="min-h-11 min-w-11 rounded-md border-2 border-rule font-semibold hover:border-quiet disabled:opacity-40"
  >
    {children}
  </button>
);

/** A list written as a column of text, taken whole or not at all. */
function PasteColumn({ label, onDone, ...props }: ListProps & { readonly label: string; readonly onDone: () => void }) {
  const { profile, path, form } = props;
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const line = valueAt(profile, path.slice(0, 2)) as Line | undefined;
  const setting = path[0] === "lines" ? (line?.encoding.setting ?? null) : null;
  const columns = columnsOf(form).map((name) => fieldLabel([...path, 0, name]).toLowerCase());
  const take = () => {
    const read = pastedItems(form, text, setting, profile);
    if (!read.ok) return setProblem(say.rowNotRead(read.row, fieldLabel([...path, 0, read.field]), read.typed));
    const put = done(props, (now) => rewritten(now, path, read.items));
    if (!put.ok) return setProblem(say.notTaken);
    onDone();
  };
  return (
    <div className="mt-2 rounded-md border border-rule p-3">
      <label className="flex flex-col gap-1 text-[0.92rem]">
        <span className="font-semibold">{say.columnOf(label)}</span>
        <textarea
          rows={6}
          value={text}
          spellCheck={false}
          onChange={(event) => {
            setText(event.target.value);
            setProblem(null);
          }}
          className="w-full rounded-md border-2 border-rule bg-sheet px-3 py-2 font-code text-[0.85rem]"
        />
      </label>
      <p className="text-[0.85rem] text-quiet">{say.oneRowEach(form.of.kind === "group" ? columns : [])}</p>
      {problem ? (
        <p role="alert" className="mt-1 text-[0.9rem] text-breach">
          {problem}
        </p>
      ) : null}
      <div className="mt-2 flex gap-2">
        <Button weight="main" disabled={text.trim() === ""} onClick={take}>
          {say.putInTheirPlace}
        </Button>
        <Button onClick={onDone}>{say.leaveIt}</Button>
      </div>
    </div>
  );
}
