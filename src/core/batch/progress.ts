/** How far each bike of a batch has come, and which is to go onto the stand next. */
import { handOver, workOut, type Job, type Stage, type Workings } from "../record";
import { exceptionsOf, type Exception } from "./against";

/** What is to be done with a bike next, in the order of the work. */
export const BATCH_STEPS = ["facts", "as-found", "settle", "keys", "read-back", "checks", "hand-over", "gone"] as const;
export type BatchStep = (typeof BATCH_STEPS)[number];

/** The stage a step is done at. */
export const STAGE_OF: Readonly<Record<BatchStep, Stage>> = {
  facts: "intake",
  "as-found": "as-found",
  settle: "plan",
  keys: "program",
  "read-back": "prove",
  checks: "prove",
  "hand-over": "hand-over",
  gone: "hand-over",
};

/** Verdicts of the read-back with which a line is done. */
const READ: ReadonlySet<string> = new Set(["as-planned", "hidden", "read-only"]);

/** Whether every line was read back, and as planned. */
export const isReadBack = ({ readBack }: Workings): boolean =>
  readBack.length > 0 && readBack.every(({ kind }) => READ.has(kind));

/** What is to be done with a bike next. */
export function stepOf(job: Job, workings: Workings): BatchStep {
  if (job.handedOverAt !== null) return "gone";
  const isDone = (stage: Stage) => workings.stages.some((state) => state.stage === stage && state.done);
  if (job.program?.done) {
    if (!isReadBack(workings)) return "read-back";
    return isDone("prove") ? "hand-over" : "checks";
  }
  // Keys once begun are brought to their end: the display lies open.
  if (job.program) return "keys";
  if (!job.profile || !workings.choice) return "facts";
  if (workings.baseline.kind === "missing") return "as-found";
  return isDone("plan") ? "keys" : "settle";
}

/** One bike of a batch with all that is told of it. */
export interface BatchBike {
  readonly job: Job;
  readonly step: BatchStep;
  readonly exceptions: readonly Exception[];
  /** Lines read back as planned, and lines there are to be read. */
  readonly read: { readonly asPlanned: number; readonly of: number };
  /** Checks that keep it back. */
  readonly checksLeft: number;
  /** Nothing is left to do but to let it go, and nothing stands against that. */
  readonly canLeave: boolean;
}

/** All that is told of one bike of a batch. */
export function batchBike(job: Job): BatchBike {
  const workings = workOut(job);
  const step = stepOf(job, workings);
  const toRead = workings.readBack.filter(({ kind }) => kind !== "hidden" && kind !== "read-only");
  return {
    job,
    step,
    exceptions: exceptionsOf(job, workings),
    read: { asPlanned: toRead.filter(({ kind }) => kind === "as-planned").length, of: toRead.length },
    checksLeft: workings.checksLeft,
    canLeave:
      step === "hand-over" &&
      workings.against.length === 0 &&
      workings.stages.every(({ stage, done }) => done || stage === "hand-over"),
  };
}

/** A bike handed over where nothing is left to do and nothing stands against it; the same job otherwise. */
export const letGo = (job: Job, at: string): Job => (batchBike(job).canLeave ? handOver(job, at) : job);

/** Steps done at the stand with the display lit, before anything is checked. */
const AT_THE_DISPLAY: ReadonlySet<BatchStep> = new Set(["facts", "as-found", "settle", "keys", "read-back"]);

/**
 * The bike that is to go onto the stand after one: the next in the row whose display is not done, then those whose
 * checks are left, then those that only have to be handed over. Null where no other bike has anything left to do.
 * @param bikes in the order they are worked through
 */
export function nextBike<Bike extends { readonly job: Pick<Job, "id">; readonly step: BatchStep }>(
  bikes: readonly Bike[],
  after: string | null,
): Bike | null {
  const at = bikes.findIndex(({ job }) => job.id === after);
  const row = [...bikes.slice(at + 1), ...bikes.slice(0, Math.max(0, at))];
  return (
    row.find(({ step }) => AT_THE_DISPLAY.has(step)) ??
    row.find(({ step }) => step === "checks") ??
    row.find(({ step }) => step === "hand-over") ??
    null
  );
}
