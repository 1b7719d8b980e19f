"use client";
import { INTAKE_FIELDS, type FieldProblem, type IntakeField, type IntakeKey } from "@/core/setup";
import { FIGURES, type FigureKey, type Figures } from "@/core/setup/figures";
import { fieldProblemText, INTAKE_WORDS } from "@/ui/wording";
import { FIGURE_WORDS } from "@/ui/wording/figures";
import type { StageProps } from "../job/JobScreen";
import { TypedField } from "../job/TypedField";

interface FigureFieldsProps extends Pick<StageProps, "job" | "workings" | "change"> {
  readonly figures: Figures;
  /** Figures of the bench, and facts of the intake that are asked here as well. */
  readonly keys: readonly (FigureKey | IntakeKey)[];
  /** Units that depend on the display, and guesses that depend on the bike. */
  readonly units?: Partial<Record<FigureKey, string>>;
  readonly guesses?: Partial<Record<FigureKey, string | null>>;
}

const FIELDS: Readonly<Record<FigureKey | IntakeKey, IntakeField>> = { ...INTAKE_FIELDS, ...FIGURES };
const WORDS = { ...INTAKE_WORDS, ...FIGURE_WORDS };

/** Figures of a bench, kept with the job as typed. */
export function FigureFields({ job, workings, change, figures, keys, units = {}, guesses = {} }: FigureFieldsProps) {
  const problems: { readonly [K in FigureKey | IntakeKey]?: FieldProblem } = { ...workings.intake.problems, ...figures.problems };
  const unitOf: { readonly [K in FigureKey | IntakeKey]?: string } = units;
  const guessOf: { readonly [K in FigureKey | IntakeKey]?: string | null } = guesses;
  return (
    <div className="grid gap-x-4 gap-y-3.5 sm:grid-cols-2">
      {keys.map((key) => {
        const problem = problems[key];
        return (
          <TypedField
            key={key}
            field={FIELDS[key]}
            words={WORDS[key]}
            value={job.intake[key] ?? ""}
            problem={problem ? fieldProblemText(problem) : null}
            unit={unitOf[key]}
            guess={guessOf[key]}
            onKeep={(typed) => change((now) => ({ ...now, intake: { ...now.intake, [key]: typed } }))}
          />
        );
      })}
    </div>
  );
}
