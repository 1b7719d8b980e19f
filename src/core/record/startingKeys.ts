/** Starting the keys of the bike: what is sealed by it, and what stays read. */
import { linesOf, type DisplayProfile } from "../display";
import { own } from "../units/limits";
import { readBackRaws } from "./columns";
import { baselineOf, foundLines } from "./found";
import { withEvent, type Job } from "./job";
import { keyTask } from "./keyTask";
import { advanceProgram, keysFrom } from "./programming";
import { sealOnto } from "./sealing";
import { workOut } from "./workings";

/** Starts programming: seals the as-found and the target sheet and puts the display at its home screen. */
export function startProgram(job: Job, at: string): Job {
  // A second press of the same button seals nothing twice.
  if (job.program || !job.profile) return job;
  const task = keyTask(job, workOut(job));
  if (!task) return job;
  const withBaseline = job.held ? job : sealedBaseline(job, at);
  const planned = withEvent(sealOnto(withBaseline, "target", task.targets, at, ""), at, "plan-sealed");
  const program = keysFrom(task);
  // Nothing to change is done as soon as it is sealed.
  const readBack = stillRead(job, job.profile, task.targets);
  return advanceProgram({ ...planned, program, rehearsal: null, readBack }, program.state, at);
}

/** What was read back and is to stay so: a line headed elsewhere is read again; what is no reading stays typed. */
function stillRead(job: Job, profile: DisplayProfile, targets: readonly (number | null)[]): Job["readBack"] {
  const read = readBackRaws(job);
  return Object.fromEntries(
    linesOf(profile).flatMap(({ code }, i) => {
      const typed = own(job.readBack, code);
      const raw = read[i] ?? null;
      return typed === undefined || (raw !== null && raw !== targets[i]) ? [] : [[code, typed]];
    }),
  );
}

function sealedBaseline(job: Job, at: string): Job {
  const baseline = baselineOf(job);
  const found = foundLines(job).map((line) => line.raw);
  if (baseline.kind !== "waived") return withEvent(sealOnto(job, "as-found", found, at, ""), at, "baseline-kept");
  const note = `No full baseline: ${baseline.reason}`;
  return withEvent(sealOnto(job, "as-found", found, at, note), at, "baseline-waived", baseline.reason);
}
