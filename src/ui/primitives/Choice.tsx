"use client";
import { useId } from "react";
import { Chip } from "./Chip";

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
          <Chip
            key={option.value}
            type="radio"
            name={id}
            value={option.value}
            checked={option.value === value}
            onChange={() => onChoose(option.value)}
          >
            {option.label}
          </Chip>
        ))}
      </div>
      {hint ? <p className="text-[0.85rem] text-quiet">{hint}</p> : null}
    </div>
  );
}
