import type { InputHTMLAttributes, ReactNode } from "react";

interface ChipProps extends Omit<InputHTMLAttributes<HTMLInputElement>, "className" | "onChange" | "type"> {
  readonly type: "radio" | "checkbox";
  readonly onChange: (checked: boolean) => void;
  readonly children: ReactNode;
}

/** The browser's own radio button or tick box, drawn as a key. */
export const Chip = ({ onChange, children, ...input }: ChipProps) => (
  <label className="relative flex min-h-11 items-center rounded-md border-2 border-rule bg-sheet px-3.5 py-1 text-left hover:border-quiet has-checked:border-action has-checked:bg-action has-checked:font-semibold has-checked:text-on-action has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-action">
    <input
      {...input}
      onChange={(event) => onChange(event.target.checked)}
      className="absolute inset-0 cursor-pointer opacity-0"
    />
    {children}
  </label>
);
