import { Chip } from "@/ui/primitives";

interface ChordKeysProps {
  readonly label: string;
  readonly keys: readonly { readonly value: string; readonly label: string }[];
  readonly chosen: readonly string[];
  /** Most that are pressed together. */
  readonly most?: number;
  readonly onChoose: (keys: readonly string[]) => void;
}

/** Which keys of the display make a chord. */
export function ChordKeys({ label, keys, chosen, most = 4, onChoose }: ChordKeysProps) {
  return (
    <fieldset>
      <legend className="mb-1 text-[0.92rem] font-semibold">{label}</legend>
      <div className="flex flex-wrap gap-1.5">
        {keys.map((key) => (
          <Chip
            key={key.value}
            type="checkbox"
            checked={chosen.includes(key.value)}
            onChange={(checked) =>
              onChoose(checked ? [...chosen, key.value].slice(-most) : chosen.filter((each) => each !== key.value))
            }
          >
            {key.label}
          </Chip>
        ))}
      </div>
    </fieldset>
  );
}
