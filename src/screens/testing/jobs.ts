/** For tests: demo bikes by their number, taken on by a deed or two. */
import { demoJobs } from "@/catalog/demo/workshop";
import { linesOf, shows } from "@/core/display";
import {
  advanceProgram,
  goalOfKeys,
  handOver,
  keyWork,
  startProgram,
  workOut,
  withCheck,
  type Job,
} from "@/core/record";

export const AT = "2026-11-24T09:00:00.000Z";
const JOBS = demoJobs();

/** A demo bike, by its number. */
export function demo(number: number): Job {
  const job = JOBS.find((each) => each.number === number);
  if (!job) throw new Error(`no demo bike ${number}`);
  return job;
}

/** All keys of the bike pressed, to the end. */
export function programmed(job: Job): Job {
  const started = startProgram(job, AT);
  const { profile, program } = started;
  if (!profile || !program) throw new Error("keys cannot be started");
  const { steps } = keyWork(profile, program.state, goalOfKeys(program));
  return steps.reduce((now, step) => advanceProgram(now, step.after, AT), started);
}

/** Every line read back as planned, but for some. */
export function readBack(job: Job, except: Readonly<Record<string, string>> = {}): Job {
  const { profile, program } = job;
  if (!profile || !program) throw new Error("nothing to read back");
  const asPlanned = linesOf(profile).map(
    (line, i) => [line.code, shows(line.encoding, program.targets[i] ?? 0)] as const,
  );
  return { ...job, readBack: { ...Object.fromEntries(asPlanned), ...except } };
}

/** Every check that asks for a yes answered so. */
export const checked = (job: Job): Job =>
  workOut(job)
    .checks.filter(({ check }) => check.expect.kind === "yes")
    .reduce((now, { check }) => withCheck(now, check.id, { answer: "yes" }), job);

export const handedOver = (job: Job): Job => handOver(job, AT);
