import { useId } from "react";

interface PickProps {
  readonly label: string;
  readonly hideLabel?: boolean;
  readonly hint?: string;
  readonly value: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly onPick: (value: string) => void;
}

/** One of many: the browser's own list. */
export function Pick({ label, hideLabel, hint, value, options, onPick }: PickProps) {
  const id = useId();
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className={hideLabel ? "sr-only" : "text-[0.92rem] font-semibold"}>
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(event) => onPick(event.target.value)}
        className="min-h-11 w-full rounded-md border-2 border-rule bg-sheet px-2 hover:border-quiet"
      >
        {options.some((option) => option.value === value) ? null : <option value={value}>{value}</option>}
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
      {hint ? <p className="text-[0.85rem] text-quiet">{hint}</p> : null}
    </div>
  );
}
