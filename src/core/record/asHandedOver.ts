/** A job as its papers tell it once it has left. */
import { lastSheet, withFacts } from "./columns";
import type { Job } from "./job";

/** The job as it was handed over: its papers rest on this, whatever is typed since. The same job until it is. */
export function asHandedOver(job: Job): Job {
  const facts = job.handedOverAt === null ? null : (lastSheet(job, "as-left")?.facts ?? null);
  if (!facts) return job;
  return {
    ...withFacts(job, facts),
    readBack: facts.readBack,
    checks: facts.checks,
    handOverNote: facts.handOverNote,
    asFound: { ...job.asFound, waivedReason: facts.waivedReason },
  };
}
