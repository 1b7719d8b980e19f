"use client";
import { takenAs, type IntakeField } from "@/core/setup";
import { Choice, KeptField } from "@/ui/primitives";
import { plain } from "@/ui/wording";

interface TypedFieldProps {
  readonly field: IntakeField;
  readonly words: {
    readonly label: string;
    readonly hint?: string;
    readonly options?: Readonly<Record<string, string>>;
  };
  readonly value: string;
  readonly problem: string | null;
  readonly onKeep: (typed: string) => void;
  readonly long?: boolean;
  /** Takes the place of the field's own unit, where it depends on the display. */
  readonly unit?: string;
  /** Takes the place of the field's own guess, where it depends on the bike. */
  readonly guess?: string | null;
}

/** One fact of the intake or figure of the benches, drawn as its kind asks: a row of choices, or a field kept as typed. */
export function TypedField({ field, words, value, problem, onKeep, long = false, unit, guess }: TypedFieldProps) {
  if (field.kind === "option") {
    const guessed = guess ?? field.guess;
    return (
      <div className="sm:col-span-2">
        <Choice
          label={words.label}
          value={value || (guessed ?? "")}
          hint={
            value === "" && guessed ? `Guessed: ${words.options?.[guessed] ?? guessed}, until you say.` : words.hint
          }
          options={field.options.map((option) => ({ value: option, label: words.options?.[option] ?? option }))}
          onChoose={onKeep}
        />
      </div>
    );
  }
  const numeric = field.kind === "number";
  const converted = takenAs(field, value);
  return (
    <div className={long ? "sm:col-span-2" : ""}>
      <KeptField
        label={words.label}
        value={value}
        onKeep={onKeep}
        hint={
          converted !== null && numeric ? `Taken as ${plain(converted, 2)} ${unit ?? field.unit ?? ""}.` : words.hint
        }
        problem={problem}
        long={long}
        numeric={numeric}
        unit={unit ?? (numeric ? field.unit : field.kind === "volts-list" ? "V" : null)}
        guess={guess ?? (numeric && field.guess !== null ? plain(field.guess, 3) : null)}
      />
    </div>
  );
}
