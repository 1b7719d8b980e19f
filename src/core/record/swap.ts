/**
 * A display swapped in the middle of a job: the old one's values are sealed as they were found and carried over where
 * the new one can hold them. The plan starts from them and proposes afresh: a wheel that was wrong is not kept for
 * having been there. The new display is still to be written down.
 */
import { linesOf, type DisplayProfile } from "../display";
import { carryOver, type CarryOver } from "../sheet";
import { withEvent, type Job } from "./job";
import { foundLines } from "./found";
import { sealOnto } from "./sealing";

/** What a swap would do to the values written down so far; null where the job has no display yet. */
export const swapOutlook = (job: Job, to: DisplayProfile): CarryOver | null =>
  job.profile
    ? carryOver(
        job.profile,
        foundLines(job).map((line) => line.raw),
        to,
      )
    : null;

/** The job with another display on the bike. `at` is an ISO timestamp. */
export function swapDisplay(job: Job, to: DisplayProfile, at: string): Job {
  const from = job.profile;
  const carried = swapOutlook(job, to);
  if (!from || !carried) return { ...job, profile: to };
  const found = foundLines(job).map((line) => line.raw);
  const sealed = found.some((raw) => raw !== null)
    ? sealOnto(job, "as-found", found, at, `Before the display was swapped for ${to.name}.`)
    : job;
  const keeps = new Set(
    carried.settings.flatMap((row) => (row.fate === "kept" || row.fate === "rounded" ? [row.toLine] : [])),
  );
  const values = Object.fromEntries(
    linesOf(to).flatMap((line, i) => {
      const raw = carried.raws[i] ?? line.factoryRaw;
      return keeps.has(line.code) && !line.makerOnly && raw !== null ? [[line.code, raw]] : [];
    }),
  );
  const count = (fate: string) => carried.settings.filter((row) => row.fate === fate).length;
  const swapped: Job = {
    ...sealed,
    profile: to,
    asFound: { shown: {}, waivedReason: "" },
    overrides: {},
    overrideReasons: {},
    carried: values,
    unlocked: {},
    held: null,
    program: null,
    rehearsal: null,
    readBack: {},
  };
  return withEvent(
    swapped,
    at,
    "display-swapped",
    `${from.name} for ${to.name}: ${count("kept")} kept, ${count("rounded")} rounded, ${count("lost")} lost, ` +
      `${count("gained")} gained`,
  );
}
