"use client";
import { RadioGroup } from "radix-ui";
import { useId } from "react";

interface ChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly onChoose: (value: string) => void;
  readonly hint?: string;
  readonly hideLabel?: boolean;
}

/** One of a few, all in sight. */
export function Choice({ label, value, options, onChoose, hint, hideLabel }: ChoiceProps) {
  const id = useId();
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <span id={id} className={hideLabel ? "sr-only" : "text-[0.92rem] font-semibold"}>
        {label}
      </span>
      <RadioGroup.Root aria-labelledby={id} value={value} onValueChange={onChoose} className="flex flex-wrap gap-1.5">
        {options.map((option) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            className="min-h-11 rounded-md border-2 border-rule bg-sheet px-3.5 text-left hover:border-quiet data-[state=checked]:border-action data-[state=checked]:bg-action data-[state=checked]:font-semibold data-[state=checked]:text-on-action"
          >
            {option.label}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      {hint ? <p className="text-[0.85rem] text-quiet">{hint}</p> : null}
    </div>
  );
}
