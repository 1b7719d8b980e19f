/** Setting the keys aside: what was keyed in and read so far is kept for the next plan. */
import { codeOf } from "../display";
import { codedRaws, knownRaws, readBackRaws } from "./columns";
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
  const known = knownRaws(job);
  const doubtful = program.unread.filter((line) => (known[line] ?? null) !== null);
  const isAsBefore = sameRaws(program.state.saved, assumedRaws(profile, known));
  const untouched = !program.done && !isRead && doubtful.length === 0 && isAsBefore;
  // The old display's as-found sheet stays sealed; with no key pressed yet it may still be mended and sealed anew.
  const saved = program.state.saved.map((raw, i) => (program.unread.includes(i) ? null : raw));
  const held = untouched
    ? job.held
    : {
        // What a slip left open is known no more, though it was.
        ...Object.fromEntries(doubtful.map((line) => [codeOf(profile, line), null])),
        ...codedRaws(
          profile,
          saved.map((raw, i) => read[i] ?? raw),
        ),
      };
  // What was read off the display still stands for every line the next keys leave alone.
  const readBack = program.done ? kept.readBack : {};
  return withEvent({ ...kept, held, program: null, rehearsal: null, readBack }, at, "set-aside", why);
}

const sameRaws = (a: readonly number[], b: readonly number[]): boolean => a.every((raw, i) => raw === b[i]);
