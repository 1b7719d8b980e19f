/**
 * Job files: one job as JSON, to keep or to carry to another machine. A file is taken whole or not at all, and a
 * refusal says where and what would be accepted.
 */
import * as v from "valibot";
import { JOB_FORMAT, JOB_VERSION, OLDEST_JOB_VERSION, LARGEST_JOB_FILE_BYTES } from "./format";
import { checkProfile } from "../display/check";
import type { Job } from "./job";
import { JobSchema } from "./jobSchema";
import { migrateJob } from "./migrateJob";
import { brokenAt } from "./seal";

export type JobFileProblem =
  | { readonly key: "file.too-large"; readonly bytes: number; readonly most: number }
  | { readonly key: "file.not-json"; readonly detail: string; readonly looksCutShort: boolean }
  | { readonly key: "file.not-a-job"; readonly found: string }
  | { readonly key: "file.older"; readonly version: number; readonly accepted: number }
  | { readonly key: "file.newer"; readonly version: number; readonly accepted: number }
  | { readonly key: "file.field"; readonly path: string; readonly detail: string }
  | { readonly key: "file.broken-seal"; readonly sheet: number };

export type JobFileReading =
  { readonly ok: true; readonly job: Job } | { readonly ok: false; readonly problem: JobFileProblem };

const refuse = (problem: JobFileProblem): JobFileReading => ({ ok: false, problem });

/** Reads a file's text back to a job, or says why not. Nothing in it is trusted. */
export function readJobFile(text: string): JobFileReading {
  const bytes = new TextEncoder().encode(text).length;
  if (bytes > LARGEST_JOB_FILE_BYTES) return refuse({ key: "file.too-large", bytes, most: LARGEST_JOB_FILE_BYTES });
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    const looksCutShort = /^\s*[{[]/.test(text) && !/[}\]]\s*$/.test(text);
    return refuse({ key: "file.not-json", detail: error instanceof Error ? error.message : "", looksCutShort });
  }
  return readJobData(data);
}

/** Reads what a job file's text held: its head, then every field, then its seals. */
function readJobData(data: unknown): JobFileReading {
  const kept = readKeptJob(data);
  if (!kept.ok) return kept;
  const problem = jobProblem(kept.job);
  if (problem) return refuse({ key: "file.field", ...problem });
  const broken = brokenAt(kept.job.sheets);
  return broken === null ? kept : refuse({ key: "file.broken-seal", sheet: broken + 1 });
}

/**
 * Reads a job as a book keeps it: its head and every field. One whose seal is broken, or whose display does not add up,
 * was kept all the same, and says so itself.
 */
export function readKeptJob(data: unknown): JobFileReading {
  const head = v.safeParse(
    v.looseObject({ format: v.literal(JOB_FORMAT), version: v.pipe(v.number(), v.integer()) }),
    data,
  );
  if (!head.success) {
    const format = v.safeParse(v.looseObject({ format: v.string() }), data);
    return refuse({ key: "file.not-a-job", found: format.success ? format.output.format.slice(0, 60) : "" });
  }
  const { version } = head.output;
  if (version < OLDEST_JOB_VERSION) return refuse({ key: "file.older", version, accepted: OLDEST_JOB_VERSION });
  if (version > JOB_VERSION) return refuse({ key: "file.newer", version, accepted: JOB_VERSION });
  const parsed = v.safeParse(JobSchema, migrateJob(data));
  if (parsed.success) return { ok: true, job: parsed.output };
  const [issue] = parsed.issues;
  return refuse({ key: "file.field", path: v.getDotPath(issue) ?? "", detail: issue.message });
}

/**
 * What a schema cannot say about a job: that its profile can be used and its program fits the profile. First problem,
 * or null.
 */
export function jobProblem(job: Job): { readonly path: string; readonly detail: string } | null {
  if (!job.profile) return job.program ? { path: "program", detail: "a program without a display" } : null;
  const problem = checkProfile(job.profile)[0];
  if (problem) return { path: `profile.${problem.path}`, detail: `${problem.key}: ${problem.detail}` };
  return keysProblem(job, "program") ?? keysProblem(job, "rehearsal");
}

/** Whether keys under way fit the display they are pressed on. */
function keysProblem(
  job: Job,
  which: "program" | "rehearsal",
): { readonly path: string; readonly detail: string } | null {
  const keys = job[which];
  if (job.profile && keys) {
    const count = job.profile.lines.length;
    const { state, targets, unread } = keys;
    for (const [name, values] of Object.entries({
      saved: state.saved,
      pending: state.pending,
      inForce: state.inForce,
      targets,
    }))
      if (values.length !== count)
        return { path: `${which}.${name}`, detail: `${values.length} values for ${count} lines` };
    const { screen } = state;
    const place = screen.kind === "menu" ? screen : screen.kind === "confirm" ? screen.from : null;
    if (place && !job.profile.menu.pages[place.page]?.entries[place.at])
      return { path: `${which}.state.screen`, detail: `entry ${place.at} of page ${place.page} is not in the menu` };
    if (state.lastAt.length !== job.profile.menu.pages.length)
      return {
        path: `${which}.state.lastAt`,
        detail: `${state.lastAt.length} values for ${job.profile.menu.pages.length} pages`,
      };
    if (unread.some((line) => line >= count))
      return { path: `${which}.unread`, detail: "a line the display does not have" };
  }
  return null;
}
