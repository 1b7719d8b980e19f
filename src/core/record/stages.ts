/**
 * The stages of a job in working order, each with what it takes to be done. A stage is a name and a row here, its words
 * in `words/stages.ts`, and the screen in the folder of its name.
 */
import type { IntakeReading } from "../facts";
import type { ClassChoice } from "../law";
import type { ReadBackVerdict, Verdict } from "../proof";
import type { Sheet } from "../sheet";

export const STAGES = ["intake", "as-found", "plan", "program", "prove", "hand-over"] as const;
export type Stage = (typeof STAGES)[number];

/** What is known of a job when its stages are judged. */
export interface StageFacts {
  readonly job: {
    readonly profile: object | null;
    readonly program: { readonly done: boolean } | null;
    readonly handedOverAt: string | null;
  };
  readonly intake: IntakeReading;
  readonly choice: ClassChoice | null;
  /** The display's values before anything was changed are known, or why not is written down. */
  readonly hasBaseline: boolean;
  readonly sheet: Sheet | null;
  readonly readBack: readonly ReadBackVerdict[];
  readonly checks: readonly { readonly check: { readonly needed: boolean }; readonly verdict: Verdict }[];
}

export interface StageState {
  readonly stage: Stage;
  /** Nothing more is asked of this stage. */
  readonly done: boolean;
}

/** Verdicts of the read-back with which nothing more is to be read. */
const SETTLED: ReadonlySet<ReadBackVerdict["kind"]> = new Set(["as-planned", "hidden", "read-only"]);

/** What is only worth measuring keeps no bike back, unless it was measured and failed. */
export const keepsNothingBack = ({ check, verdict }: StageFacts["checks"][number]): boolean =>
  verdict === "passed" || (!check.needed && verdict !== "failed");

const DONE: { readonly [S in Stage]: (facts: StageFacts) => boolean } = {
  intake: ({ job, intake, choice }) =>
    intake.missing.length === 0 && Object.keys(intake.problems).length === 0 && job.profile !== null && choice !== null,
  "as-found": ({ job, hasBaseline }) => job.profile !== null && hasBaseline,
  plan: ({ job, sheet, hasBaseline }) =>
    job.program !== null ||
    (sheet !== null && hasBaseline && sheet.target.findings.every((finding) => finding.severity !== "breach")),
  program: ({ job }) => job.program?.done ?? false,
  prove: ({ job, readBack, checks }) =>
    (job.program?.done ?? false) &&
    readBack.length > 0 &&
    readBack.every((verdict) => SETTLED.has(verdict.kind)) &&
    checks.every(keepsNothingBack),
  "hand-over": ({ job }) => job.handedOverAt !== null,
};

const LAST: Stage = STAGES[STAGES.length - 1] ?? "hand-over";

/** How far each stage has come. */
export const stagesOf = (facts: StageFacts): readonly StageState[] =>
  STAGES.map((stage) => ({ stage, done: DONE[stage](facts) }));

/** The stage where work is to be done next: a plan once programmed is not gone back to. */
export const nextStage = (stages: readonly StageState[], programmed: boolean): Stage =>
  stages.find(({ stage, done }) => !done && (stage !== "plan" || !programmed))?.stage ?? LAST;
