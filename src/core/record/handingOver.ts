/** Handing a bike over. */
import type { Raws } from "../applied";
import { withEvent, type Job } from "./job";
import { sealOnto } from "./sealing";
import { workOut } from "./workings";

/** Hands the bike over: seals what was read back as the as-left sheet. Handing over twice seals once. */
export function handOver(job: Job, at: string): Job {
  if (job.handedOverAt !== null || !job.profile) return job;
  const left: Raws = workOut(job).readBack.map((verdict) => ("raw" in verdict ? verdict.raw : null));
  return {
    ...withEvent(
      sealOnto(job, "as-left", left, at, job.handOverNote),
      at,
      "handed-over",
      workOut(job).against.length > 0 ? (job.intake.leavesThough ?? "") : "",
    ),
    handedOverAt: at,
    onTheStand: false,
  };
}
