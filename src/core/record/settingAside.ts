/** Setting the keys aside: what was keyed in and read so far is kept for the next plan. */
import type { DisplayProfile } from "../display";
import { byCode, codedRaws, foundRawsOf, readBackRaws } from "./columns";
import { withEvent, type Job } from "./job";
import { assumedRaws } from "./keyTask";
import { reopen } from "./reopening";
import { sealOnto } from "./sealing";

/**
 * Ends the keys under way, to plan anew: from what was last read where the display was read back, else from what was
 * keyed in. Nothing read is forgotten: a read-back is sealed before it makes room for the next. `at` is an ISO
 * timestamp.
 */
export function setKeysAside(job: Job, at: string, why: string): Job {
  const { profile, program } = job;
  if (!profile || !program) return job;
  const opened = job.handedOverAt === null ? job : reopen(job, at);
  const read = readBackRaws(opened);
  const isRead = read.some((raw) => raw !== null);
  const kept = isRead ? withEvent(sealOnto(opened, "read-back", read, at, why), at, "read-back", why) : opened;
  const untouched = !program.done && !isRead && sameRaws(program.state.saved, startOf(job, profile));
  // The old display's as-found sheet stays sealed; with no key pressed yet it may still be mended and sealed anew.
  const saved = program.state.saved.map((raw, i) => (program.unread.includes(i) ? null : raw));
  const held = untouched
    ? job.held
    : codedRaws(
        profile,
        saved.map((raw, i) => read[i] ?? raw),
      );
  // What was read off the display still stands for every line the next keys leave alone.
  const readBack = program.done ? kept.readBack : {};
  return withEvent({ ...kept, held, program: null, rehearsal: null, readBack }, at, "set-aside", why);
}

const sameRaws = (a: readonly number[], b: readonly number[]): boolean => a.every((raw, i) => raw === b[i]);

/** What the keys under way started from. */
const startOf = (job: Job, profile: DisplayProfile): readonly number[] =>
  assumedRaws(profile, job.held ? byCode(profile, job.held) : foundRawsOf(job));
