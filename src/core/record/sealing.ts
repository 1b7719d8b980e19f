/** Sealing a column of values onto a job's chain, with everything it rests on. */
import { linesOf, shows } from "../display";
import type { Raws } from "../applied";
import { withEvent, type Job, type SealedFacts, type SealedSheet } from "./job";
import { eventsSeal, seal } from "./seal";

const factsOf = (job: Job): SealedFacts => ({
  intake: { ...job.intake },
  typedAt: { ...job.typedAt },
  classChoice: job.classChoice,
  overrides: { ...job.overrides },
  ...(job.overrideReasons ? { overrideReasons: { ...job.overrideReasons } } : {}),
  carried: { ...job.carried },
  unlocked: { ...job.unlocked },
  waivedReason: job.asFound.waivedReason,
  readBack: { ...job.readBack },
  checks: { ...job.checks },
  handOverNote: job.handOverNote,
  events: eventsSeal(job.events),
});

/** Seals the given raw values as a sheet onto a job's chain, and notes that it did. `at` is an ISO timestamp. */
export function sealOnto(job: Job, kind: SealedSheet["kind"], raws: Raws, at: string, note: string): Job {
  const { profile } = job;
  if (!profile) return job;
  const lines = linesOf(profile).map((line, i) => {
    const raw = raws[i] ?? null;
    return { code: line.code, raw, shows: raw === null ? null : shows(line.encoding, raw) };
  });
  const display = { id: profile.id, revision: profile.revision };
  const className = job.classChoice.rule?.name ?? null;
  const sheets = [...seal(job.sheets, { kind, at, display, className, lines, note, facts: factsOf(job) })];
  return withEvent({ ...job, sheets }, at, "sealed", sheets.at(-1)?.hash ?? "");
}
