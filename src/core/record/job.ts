/**
 * The record of one visit of one bike: everything as typed, the display as it was found, what was set and proven, and a
 * chain of sealed sheets nobody can change afterwards without it showing.
 */
import type { InferOutput } from "valibot";
import { checkProfile } from "../display";
import { JOB_FORMAT, JOB_VERSION } from "./format";
import type { EventSchema, JobSchema, SealedSheetSchema } from "./jobSchema";

export type Job = InferOutput<typeof JobSchema>;
export type JobEvent = InferOutput<typeof EventSchema>;
export type SealedSheet = InferOutput<typeof SealedSheetSchema>;
export type Program = NonNullable<Job["program"]>;

/** A fresh job. `at` is an ISO timestamp, `id` must be new. */
export const newJob = (id: string, number: number, at: string): Job => ({
  format: JOB_FORMAT,
  version: JOB_VERSION,
  id,
  number,
  createdAt: at,
  updatedAt: at,
  demo: false,
  onTheStand: true,
  stage: "intake",
  intake: {},
  profile: null,
  classChoice: { rule: null, acceptReading: false, acceptedKmh: "", acknowledged: "" },
  asFound: { shown: {}, waivedReason: "" },
  overrides: {},
  unlocked: {},
  program: null,
  readBack: {},
  checks: {},
  handedOverAt: null,
  handOverNote: "",
  sheets: [],
  events: [{ at, kind: "created", detail: "" }],
});

/** The same job with one more event. */
export const withEvent = (job: Job, at: string, kind: JobEvent["kind"], detail = ""): Job => ({ ...job, updatedAt: at, events: [...job.events, { at, kind, detail }] });

/** What a schema cannot say about a job: that its profile can be used and its program fits the profile. First problem, or null. */
export function jobProblem(job: Job): { readonly path: string; readonly detail: string } | null {
  if (!job.profile) return job.program ? { path: "program", detail: "a program without a display" } : null;
  const problem = checkProfile(job.profile)[0];
  if (problem) return { path: `profile.${problem.path}`, detail: `${problem.key}: ${problem.detail}` };
  const count = job.profile.lines.length;
  if (job.program) {
    const { state, targets, unread } = job.program;
    for (const [name, values] of Object.entries({ saved: state.saved, pending: state.pending, inForce: state.inForce, targets }))
      if (values.length !== count) return { path: `program.${name}`, detail: `${values.length} values for ${count} lines` };
    const { screen } = state;
    if ((screen.kind === "menu" || screen.kind === "confirm") && !job.profile.menu.pages[screen.page]?.entries[screen.at]) return { path: "program.state.screen", detail: `entry ${screen.at} of page ${screen.page} is not in the menu` };
    if (state.lastAt.length !== job.profile.menu.pages.length) return { path: "program.state.lastAt", detail: `${state.lastAt.length} values for ${job.profile.menu.pages.length} pages` };
    if (unread.some((line) => line >= count)) return { path: "program.unread", detail: "a line the display does not have" };
  }
  return null;
}

/** Writes a job as a file's text. */
export const writeJobFile = (job: Job): string => `${JSON.stringify(job, null, 1)}\n`;
