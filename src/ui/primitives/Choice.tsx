"use client";
import { useId } from "react";

interface ChoiceProps<Value extends string> {
  readonly label: string;
  /** What is chosen; anything else is nothing chosen yet. */
  readonly value: string;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly onChoose: (value: Value) => void;
  readonly hint?: string;
  readonly hideLabel?: boolean;
}

/** One of a few, all in sight: the browser's own radio buttons, drawn as keys. */
export function Choice<const Value extends string>({
  label,
  value,
  options,
  onChoose,
  hint,
  hideLabel,
}: ChoiceProps<Value>) {
  const id = useId();
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <span id={id} className={hideLabel ? "sr-only" : "text-[0.92rem] font-semibold"}>
        {label}
      </span>
      <div role="radiogroup" aria-labelledby={id} className="flex flex-wrap gap-1.5">
        {options.map((option) => (
          <label
            key={option.value}
            className="relative flex min-h-11 items-center rounded-md border-2 border-rule bg-sheet px-3.5 py-1 text-left hover:border-quiet has-checked:border-action has-checked:bg-action has-checked:font-semibold has-checked:text-on-action has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-action"
          >
            <input
              type="radio"
              name={id}
              value={option.value}
              checked={option.value === value}
              onChange={() => onChoose(option.value)}
              className="absolute inset-0 cursor-pointer opacity-0"
            />
            {option.label}
          </label>
        ))}
      </div>
      {hint ? <p className="text-[0.85rem] text-quiet">{hint}</p> : null}
    </div>
  );
}
