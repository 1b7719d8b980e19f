"use client";
import { useId, useRef, type ReactNode } from "react";
import { LONGEST_TYPED } from "@/core/units/limits";
import { later } from "./later";
import { useDraft } from "./useDraft";
import * as say from "@/words/ui/primitives/keptField";

/** Loaded where a field has one. */
const NumberPad = later(() => import("./NumberPad").then((module) => module.NumberPad));

export interface KeptFieldProps {
  /** What it edits, unique on the screen: another one is another field, however alike they stand. */
  readonly of: string;
  readonly label: string;
  /** Text as kept. */
  readonly value: string;
  /** Called with every change, exactly as typed. */
  readonly onKeep: (typed: string) => void;
  readonly unit?: string | null;
  readonly hint?: string;
  /** What is wrong, and what would be accepted. */
  readonly problem?: string | null;
  /** Stands in while the field is empty. */
  readonly guess?: string | null;
  readonly numeric?: boolean;
  /** Most characters it takes; a longer text is refused whole, and said so. */
  readonly longest?: number;
  readonly long?: boolean;
  readonly hideLabel?: boolean;
  readonly inputClass?: string;
  readonly after?: ReactNode;
  /** Called on Enter with what stands in the field. */
  readonly onEnter?: (typed: string) => void;
  /** A number pad beside the field, and what stands under the field; a phone then needs no keyboard of its own. */
  readonly pad?: { readonly children: (typed: string) => ReactNode };
}

/** A field that keeps what is typed, right or wrong, as it is typed. */
export function KeptField(props: KeptFieldProps) {
  const { of, label, value, onKeep, problem, hideLabel, pad } = props;
  const id = useId();
  const box = useRef<HTMLDivElement>(null);
  const longest = props.longest ?? LONGEST_TYPED;
  const draft = useDraft(of, value, onKeep, longest);
  const field = (
    <div ref={box} className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className={hideLabel ? "sr-only" : "text-[0.92rem] font-semibold"}>
        {label}
      </label>
      <Entry {...props} id={id} draft={draft} />
      {draft.refused !== null ? (
        <p role="alert" className="text-[0.9rem] text-breach">
          <span aria-hidden="true">▲ </span>
          {say.thatIs}
          {draft.refused}
          {say.characters}
          {label}
          {say.keepsUpTo}
          {longest}
          {say.nothingWasChanged}
        </p>
      ) : null}
      {problem ? (
        <p id={`${id}-problem`} className="text-[0.9rem] text-breach">
          <span aria-hidden="true">▲ </span>
          {problem}
        </p>
      ) : null}
      <Hint {...props} id={id} empty={draft.text.trim() === ""} />
    </div>
  );
  if (!pad) return field;
  return (
    <div className="grid gap-x-6 gap-y-3 sm:grid-cols-[minmax(0,1fr)_212px]">
      {field}
      <div className="max-sm:order-3 sm:col-start-1">{pad.children(draft.text)}</div>
      <NumberPad
        className="sm:col-start-2 sm:row-span-2 sm:row-start-1"
        onDigit={(digit) => draft.type(draft.text + digit)}
        onDelete={() => draft.type(draft.text.slice(0, -1))}
      />
    </div>
  );
}

type EntryProps = KeptFieldProps & { readonly id: string; readonly draft: ReturnType<typeof useDraft> };

function Entry({
  id,
  draft,
  unit,
  hint,
  problem,
  guess,
  numeric,
  long,
  inputClass = "",
  after,
  onEnter,
  pad,
}: EntryProps) {
  const describedBy = [problem ? `${id}-problem` : null, hint || guess ? `${id}-hint` : null].filter(Boolean);
  const shared = {
    id,
    value: draft.text,
    "aria-invalid": problem ? true : undefined,
    "aria-describedby": describedBy.join(" ") || undefined,
    className: `w-full min-h-11 rounded-md border-2 bg-sheet px-3 py-1.5 ${problem ? "border-breach" : "border-rule hover:border-quiet"} focus:border-action ${inputClass}`,
  };
  return (
    <div className="flex items-center gap-2">
      {long ? (
        <textarea {...shared} rows={3} onChange={(event) => draft.type(event.target.value)} />
      ) : (
        <input
          {...shared}
          // With a pad of its own on screen, a finger does not call up the system's keyboard over it.
          inputMode={pad && isTouched() ? "none" : numeric ? "decimal" : "text"}
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => draft.type(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== "Enter" || !onEnter) return;
            event.preventDefault();
            // A held key is one key.
            if (!event.repeat) onEnter(event.currentTarget.value);
          }}
        />
      )}
      {unit ? <span className="shrink-0 text-quiet">{unit}</span> : null}
      {after}
    </div>
  );
}

const isTouched = (): boolean => typeof matchMedia === "function" && matchMedia("(pointer: coarse)").matches;

function Hint({ id, hint, guess, unit, empty }: KeptFieldProps & { readonly id: string; readonly empty: boolean }) {
  if (!hint && !guess) return null;
  const guessed = guess && empty ? say.guessedUntilYouSay(guess, unit) : null;
  return (
    <p id={`${id}-hint`} className="text-[0.85rem] text-quiet">
      {[guessed, hint].filter(Boolean).join(" ")}
    </p>
  );
}
