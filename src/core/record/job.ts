/**
 * The record of one visit of one bike: everything as typed, the display as it was found, what was set and proven, and a
 * chain of sealed sheets nobody can change afterwards without it showing.
 */
import type { InferOutput } from "valibot";
import { JOB_FORMAT, JOB_VERSION } from "./format";
import type {
  CheckResultSchema,
  EventSchema,
  JobSchema,
  KeysSchema,
  SealedFactsSchema,
  SealedSheetSchema,
} from "./jobSchema";

export type Job = InferOutput<typeof JobSchema>;
export type JobEvent = InferOutput<typeof EventSchema>;
export type SealedSheet = InferOutput<typeof SealedSheetSchema>;
export type SealedFacts = InferOutput<typeof SealedFactsSchema>;
export type CheckResult = InferOutput<typeof CheckResultSchema>;
export type LastVisit = NonNullable<Job["lastVisit"]>;
/** The sheet put onto a bike together with others, and the bike it was made on. */
export type Batch = NonNullable<Job["batch"]>;
/** Keys under way: on the bike they are the job's program, on the simulated display its rehearsal. */
export type Keys = InferOutput<typeof KeysSchema>;

/** A fresh job. `at` is an ISO timestamp, `id` must be new. */
export const newJob = (id: string, number: number, at: string): Job => ({
  format: JOB_FORMAT,
  version: JOB_VERSION,
  id,
  bikeId: id,
  number,
  writes: {},
  twinOf: null,
  lastVisit: null,
  batch: null,
  createdAt: at,
  updatedAt: at,
  demo: false,
  onTheStand: true,
  stage: "intake",
  intake: {},
  typedAt: {},
  profile: null,
  classChoice: { rule: null, acceptReading: false, acceptedKmh: "", acknowledged: "" },
  asFound: { shown: {}, waivedReason: "" },
  overrides: {},
  carried: {},
  unlocked: {},
  held: null,
  program: null,
  rehearsal: null,
  readBack: {},
  checks: {},
  handedOverAt: null,
  handOverNote: "",
  sheets: [],
  events: [{ at, kind: "created", detail: "" }],
});

/** The same job with one more event. */
export const withEvent = (job: Job, at: string, kind: JobEvent["kind"], detail = ""): Job => ({
  ...job,
  updatedAt: at,
  events: [...job.events, { at, kind, detail }],
});

/** Writes a job as a file's text. */
export const writeJobFile = (job: Job): string => `${JSON.stringify(job, null, 1)}\n`;
