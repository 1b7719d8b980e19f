/** The stages of a job by name, and how far each has come in few words. docs/glossary.md explains them. */
import type { Job, ProgramOutlook, Stage, Workings } from "@/core/record";
import { count, duration } from "./speak";

export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  intake: "Intake",
  "as-found": "As found",
  plan: "Plan",
  program: "Program",
  prove: "Prove",
  "hand-over": "Hand over",
};

/** Places of a job beside its stages. */
export type Beside = "numbers" | "papers";
export const BESIDE_NAMES: Readonly<Record<Beside, string>> = { numbers: "Numbers", papers: "Papers" };

/** What a stage is judged by when it is put into words. */
interface Told {
  readonly job: Job;
  readonly workings: Workings;
  readonly outlook: ProgramOutlook | null;
}

const NOTHING_YET = "—";

/** How far a stage has come, under its name. */
export const STAGE_CAPTIONS: { readonly [S in Stage]: (told: Told) => string } = {
  intake: ({ job, workings: { intake, choice } }) =>
    intake.missing.length > 0
      ? `${count(intake.missing.length, "fact")} missing`
      : job.profile && choice
        ? "all known"
        : "display or class missing",
  "as-found": ({ job, workings }) =>
    job.profile ? `${workings.foundCount} of ${workings.shownCount} lines` : NOTHING_YET,
  plan: ({ job, workings: { counts } }) =>
    counts
      ? [
          job.program ? "sealed" : `${counts.odd} odd`,
          ...(counts.breaches ? [count(counts.breaches, "breach", "breaches")] : []),
        ].join(" · ")
      : NOTHING_YET,
  program: ({ job, workings, outlook }) => {
    if (job.program) return job.program.done ? "in force, as told" : "under way";
    if (!job.profile) return NOTHING_YET;
    if (workings.baseline.kind === "missing") return "baseline first";
    return outlook ? `about ${duration(outlook.personMs)}` : "…";
  },
  prove: ({ job, workings }) => {
    if (!job.program?.done) return NOTHING_YET;
    const due = workings.checksLeft;
    return due > 0 ? `${count(due, "check")} due` : "all passed";
  },
  "hand-over": ({ job }) => (job.handedOverAt ? "handed over" : NOTHING_YET),
};
