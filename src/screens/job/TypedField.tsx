"use client";
import { takenAs, type IntakeField } from "@/core/facts";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { asAsked, inAskedUnit } from "@/core/units/askedUnit";
import { designationOf } from "@/core/wheel";
import { readTyreMarking } from "@/core/wheel/sidewall";
import { typedAt, type Job } from "@/core/record";
import { keepTyped, writeTyped } from "@/store";
import { Choice, KeptField } from "@/ui/primitives";
import { plain, unitName } from "@/words";
import * as say from "@/words/screens/job/typedField";

interface TypedFieldProps {
  readonly job: Job;
  /** Key it is kept under among the facts of the bike. */
  readonly name: string;
  readonly field: IntakeField;
  readonly words: {
    readonly label: string;
    readonly hint?: string;
    readonly options?: Readonly<Record<string, string>>;
  };
  readonly problem: string | null;
  readonly long?: boolean;
  /** Unit speeds are asked in: the one the display shows. */
  readonly askedIn: SpeedUnit;
  /** Takes the place of the field's own unit, where it depends on the display. */
  readonly unit?: string;
  /** Takes the place of the field's own guess, where it depends on the bike. */
  readonly guess?: string | null;
}

/**
 * One fact of the intake or figure of the benches, drawn as its kind asks: a row of choices, or a field kept as typed.
 */
export function TypedField(props: TypedFieldProps) {
  const { job, name, field, words, problem, long = false, unit } = props;
  const place = { in: "intake", name } as const;
  const kept = typedAt(job, place);
  const guess = guessOf(props);
  if (field.kind === "option")
    return (
      <div className="sm:col-span-2">
        <Choice
          label={words.label}
          value={kept || (guess ?? "")}
          hint={kept === "" && guess ? say.guessedUntilYouSay(words.options?.[guess], guess) : words.hint}
          options={field.options.map((option) => ({ value: option, label: words.options?.[option] ?? option }))}
          onChoose={(value) => {
            keepTyped(job.id, place, value);
            void writeTyped();
          }}
        />
      </div>
    );
  const asked = askedUnit(props);
  const converted = takenAs(field, kept);
  const numeric = field.kind === "number";
  const own = numeric ? field.unit : isSpeed(field) ? "km/h" : null;
  const isAsAsked = inAskedUnit(kept, asked ?? "", own) !== kept;
  const taken =
    field.kind === "tyre"
      ? tyreTaken(kept)
      : converted !== null && !isAsAsked
        ? say.takenAs(converted, unit, own)
        : null;
  return (
    <div className={long ? "sm:col-span-2" : ""}>
      <KeptField
        of={`${job.id} ${name}`}
        label={words.label}
        value={asked ? inAskedUnit(kept, asked, own) : kept}
        onKeep={(typed) => keepTyped(job.id, place, asked ? asAsked(typed, asked, own) : typed)}
        hint={taken ?? words.hint}
        problem={problem}
        long={long}
        numeric={numeric}
        unit={unit ?? asked ?? (field.kind === "volts-list" ? "V" : null)}
        guess={guess}
      />
    </div>
  );
}

/** What a marking of the sidewall is taken as, where it is not the designation itself. */
function tyreTaken(typed: string): string | null {
  const reading = readTyreMarking(typed);
  const name = reading.ok ? designationOf(reading.tyre) : null;
  return name === null || name === typed.trim() ? null : say.typedFieldTakenAs(name);
}

const isSpeed = (field: IntakeField): boolean =>
  (field.kind === "number" && field.unit === "km/h") || (field.kind === "text" && field.speeds === true);

/** Unit a number is asked in: speeds as the display shows them, everything else in the unit it is kept in. */
function askedUnit({ field, askedIn }: TypedFieldProps): string | null {
  if (isSpeed(field)) return unitName(askedIn);
  return field.kind === "number" ? field.unit : null;
}

/** The guess that stands in, in the unit that is asked for. */
function guessOf({ field, guess, askedIn }: TypedFieldProps): string | null {
  if (guess !== undefined) return guess;
  if (field.kind === "option") return field.guess;
  if (field.kind !== "number" || field.guess === null) return null;
  return plain(isSpeed(field) ? speedFromKmh(field.guess, askedIn) : field.guess, 3);
}
