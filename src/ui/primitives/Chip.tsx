"use client";
import { useEffect, useState, type InputHTMLAttributes, type ReactNode } from "react";

interface ChipProps extends Omit<InputHTMLAttributes<HTMLInputElement>, "className" | "onChange" | "type" | "checked"> {
  readonly type: "radio" | "checkbox";
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  readonly children: ReactNode;
}

/** How long a tick stands as tapped while what keeps it has not answered; then it shows what is kept. */
const ANSWERED_WITHIN_MS = 1500;

/** A tick as it was tapped, until it is kept so: on a slow machine a finger would else tap again. */
function useTapped(checked: boolean): readonly [shown: boolean, tap: (to: boolean) => void] {
  const [tapped, setTapped] = useState<boolean | null>(null);
  useEffect(() => {
    if (tapped === null) return undefined;
    const forget = setTimeout(() => setTapped(null), tapped === checked ? 0 : ANSWERED_WITHIN_MS);
    return () => clearTimeout(forget);
  }, [tapped, checked]);
  return [tapped ?? checked, setTapped];
}

/** The browser's own radio button or tick box, drawn as a key. */
export function Chip({ onChange, children, checked, ...input }: ChipProps) {
  const [shown, tap] = useTapped(checked);
  return (
    <label className="relative flex min-h-11 items-center rounded-md border-2 border-rule bg-sheet px-3.5 py-1 text-left hover:border-quiet has-checked:border-action has-checked:bg-action has-checked:font-semibold has-checked:text-on-action has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-action">
      <input
        {...input}
        checked={input.type === "checkbox" ? shown : checked}
        onChange={(event) => {
          if (input.type === "checkbox") tap(event.target.checked);
          onChange(event.target.checked);
        }}
        className="absolute inset-0 cursor-pointer opacity-0"
      />
      {children}
    </label>
  );
}
