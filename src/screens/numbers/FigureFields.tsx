"use client";
import { FIGURES, type FigureKey, type Figures } from "@/core/setup/figures";
import { fieldProblemText } from "@/ui/wording";
import { FIGURE_WORDS } from "@/ui/wording/figures";
import type { StageProps } from "../job/JobScreen";
import { TypedField } from "../job/TypedField";

interface FigureFieldsProps extends Pick<StageProps, "job" | "change"> {
  readonly figures: Figures;
  readonly keys: readonly FigureKey[];
  /** Units that depend on the display, and guesses that depend on the bike. */
  readonly units?: Partial<Record<FigureKey, string>>;
  readonly guesses?: Partial<Record<FigureKey, string | null>>;
}

/** Figures of a bench, kept with the job as typed. */
export function FigureFields({ job, change, figures, keys, units = {}, guesses = {} }: FigureFieldsProps) {
  return (
    <div className="grid gap-x-4 gap-y-3.5 sm:grid-cols-2">
      {keys.map((key) => {
        const problem = figures.problems[key];
        return (
          <TypedField
            key={key}
            field={FIGURES[key]}
            words={FIGURE_WORDS[key]}
            value={job.intake[key] ?? ""}
            problem={problem ? fieldProblemText(problem) : null}
            unit={units[key]}
            guess={guesses[key]}
            onKeep={(typed) => change((now) => ({ ...now, intake: { ...now.intake, [key]: typed } }))}
          />
        );
      })}
    </div>
  );
}
