"use client";
import { useId, useState, type ReactNode } from "react";

interface KeptFieldProps {
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
  readonly long?: boolean;
  readonly hideLabel?: boolean;
  readonly inputClass?: string;
  readonly after?: ReactNode;
  readonly autoFocus?: boolean;
  readonly onEnter?: () => void;
}

/** A field that keeps what is typed, right or wrong, as it is typed. */
export function KeptField({
  label,
  value,
  onKeep,
  unit,
  hint,
  problem,
  guess,
  numeric,
  long,
  hideLabel,
  inputClass = "",
  after,
  autoFocus,
  onEnter,
}: KeptFieldProps) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);
  const shown = draft ?? value;
  const describedBy =
    [problem ? `${id}-problem` : null, hint || guess ? `${id}-hint` : null].filter(Boolean).join(" ") || undefined;
  const shared = {
    id,
    value: shown,
    "aria-invalid": problem ? true : undefined,
    "aria-describedby": describedBy,
    autoFocus,
    onFocus: () => setDraft(value),
    onBlur: () => setDraft(null),
    className: `w-full min-h-11 rounded-md border-2 bg-sheet px-3 py-1.5 ${problem ? "border-breach" : "border-rule hover:border-quiet"} focus:border-action ${inputClass}`,
  };
  const keep = (typed: string) => {
    setDraft(typed);
    onKeep(typed);
  };
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className={hideLabel ? "sr-only" : "text-[0.92rem] font-semibold"}>
        {label}
      </label>
      <div className="flex items-center gap-2">
        {long ? (
          <textarea {...shared} rows={3} onChange={(event) => keep(event.target.value)} />
        ) : (
          <input
            {...shared}
            inputMode={numeric ? "decimal" : "text"}
            autoComplete="off"
            spellCheck={false}
            placeholder={guess ? `guess: ${guess}` : undefined}
            onChange={(event) => keep(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === "Enter" && onEnter) {
                event.preventDefault();
                onEnter();
              }
            }}
          />
        )}
        {unit ? <span className="shrink-0 text-quiet">{unit}</span> : null}
        {after}
      </div>
      {problem ? (
        <p id={`${id}-problem`} className="text-[0.9rem] text-breach">
          <span aria-hidden="true">▲ </span>
          {problem}
        </p>
      ) : null}
      {hint || guess ? (
        <p id={`${id}-hint`} className="text-[0.85rem] text-quiet">
          {[guess && shown.trim() === "" ? `Guessed ${guess} until you say.` : null, hint].filter(Boolean).join(" ")}
        </p>
      ) : null}
    </div>
  );
}
