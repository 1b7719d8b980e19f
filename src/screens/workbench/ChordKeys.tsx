interface ChordKeysProps {
  readonly label: string;
  readonly keys: readonly { readonly value: string; readonly label: string }[];
  readonly chosen: readonly string[];
  readonly onChoose: (keys: readonly string[]) => void;
}

/** Which keys of the display make a chord. */
export function ChordKeys({ label, keys, chosen, onChoose }: ChordKeysProps) {
  return (
    <fieldset>
      <legend className="mb-1 text-[0.92rem] font-semibold">{label}</legend>
      <div className="flex flex-wrap gap-1.5">
        {keys.map((key) => (
          <label
            key={key.value}
            className="relative flex min-h-11 items-center rounded-md border-2 border-rule bg-sheet px-3.5 hover:border-quiet has-checked:border-action has-checked:bg-action has-checked:font-semibold has-checked:text-on-action has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-action"
          >
            <input
              type="checkbox"
              checked={chosen.includes(key.value)}
              onChange={(event) =>
                onChoose(
                  event.target.checked ? [...chosen, key.value].slice(-4) : chosen.filter((each) => each !== key.value),
                )
              }
              className="absolute inset-0 cursor-pointer opacity-0"
            />
            {key.label}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
