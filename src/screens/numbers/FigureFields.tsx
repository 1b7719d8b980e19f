"use client";
import { INTAKE_FIELDS, type FieldProblem, type IntakeField, type IntakeKey } from "@/core/facts";
import type { Facts } from "@/core/facts/everyFact";
import { FIGURES, type FigureKey } from "@/core/facts/figures";
import { fieldProblemText, INTAKE_WORDS } from "@/words";
import type { FigureWords } from "@/words/figures/words";
import type { StageProps } from "../job/stageProps";
import { TypedField } from "../job/TypedField";

interface FigureFieldsProps<Key extends FigureKey | IntakeKey> extends Pick<StageProps, "job" | "workings"> {
  readonly facts: Facts;
  /** Figures of the bench, and facts of the intake that are asked here as well. */
  readonly keys: readonly Key[];
  /** Words of the bench's own figures; those of the intake are known. */
  readonly words?: Readonly<Partial<Record<FigureKey, FigureWords>>> &
    Readonly<Record<Exclude<Key, IntakeKey>, FigureWords>>;
  /** Units that depend on the display, and guesses that depend on the bike. */
  readonly units?: Partial<Record<FigureKey, string>>;
  readonly guesses?: Partial<Record<FigureKey | IntakeKey, string | null>>;
}

const FIELDS: Readonly<Record<FigureKey | IntakeKey, IntakeField>> = { ...INTAKE_FIELDS, ...FIGURES };

/** Figures of a bench, kept with the job as typed. */
export function FigureFields<Key extends FigureKey | IntakeKey>({
  job,
  workings,
  facts,
  keys,
  words,
  units = {},
  guesses = {},
}: FigureFieldsProps<Key>) {
  const wordsOf: { readonly [K in FigureKey | IntakeKey]?: FigureWords } = { ...INTAKE_WORDS, ...words };
  const problems: { readonly [K in FigureKey | IntakeKey]?: FieldProblem } = {
    ...workings.intake.problems,
    ...facts.problems,
  };
  const unitOf: { readonly [K in FigureKey | IntakeKey]?: string } = units;
  return (
    <div className="grid gap-x-4 gap-y-3.5 sm:grid-cols-2">
      {keys.map((key) => {
        const problem = problems[key];
        return (
          <TypedField
            key={key}
            job={job}
            name={key}
            askedIn={workings.unit}
            field={FIELDS[key]}
            words={wordsOf[key] ?? { label: key }}
            problem={problem ? fieldProblemText(problem) : null}
            unit={unitOf[key]}
            guess={guesses[key]}
          />
        );
      })}
    </div>
  );
}
