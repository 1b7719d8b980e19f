/** A rehearsal: keys pressed on the simulated display. Nothing of it counts for the bike, and nothing is sealed. */
import { lineAt, type MenuState } from "../display";
import { withEvent, type Job } from "./job";
import { keyTask } from "./keyTask";
import { advanced, keysFrom } from "./programming";
import { workOut } from "./workings";

/** Begins a rehearsal on the simulated display, from where the bike's display stands. Nothing is sealed. */
export function startRehearsal(job: Job): Job {
  const { profile, program } = job;
  if (!profile) return job;
  if (program) return { ...job, rehearsal: { ...program, state: { ...program.state }, done: false, notice: null } };
  const task = keyTask(job, workOut(job));
  return task ? { ...job, rehearsal: keysFrom(task) } : job;
}

/** Takes a new state of the simulated display into the rehearsal, and notices the end. A line passed is a line seen. */
export function advanceRehearsal(job: Job, state: MenuState, at: string): Job {
  const { rehearsal, profile } = job;
  if (!rehearsal || !profile) return job;
  const seen = lineAt(profile, state);
  const unread = rehearsal.unread.filter((line) => line !== seen);
  const next = advanced(profile, { ...rehearsal, unread }, state);
  const kept: Job = { ...job, updatedAt: at, rehearsal: next };
  return next.done && !rehearsal.done ? withEvent(kept, at, "rehearsed", "keys of the simulated display") : kept;
}

export const endRehearsal = (job: Job): Job => (job.rehearsal ? { ...job, rehearsal: null } : job);
