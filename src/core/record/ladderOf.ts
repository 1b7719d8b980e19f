/** The ladder another bike has: the shares its display was last known to hold. */
import { sharesOn } from "../applied/levels";
import { heldRaws } from "./columns";
import type { Job } from "./job";

/** Shares of each level, lowest first, 0 to 1; null where no line of its display says them. */
export function ladderOf(job: Job): readonly number[] | null {
  if (!job.profile) return null;
  const { shares, from } = sharesOn(job.profile, heldRaws(job));
  return from === "display" ? shares : null;
}

/** The job with its better ladder to be that one, share by share. */
export const withLadderCopied = (job: Job, shares: readonly number[]): Job => ({
  ...job,
  intake: {
    ...job.intake,
    shape: "by-hand",
    levels: String(shares.length),
    byHand: shares.map((share) => Number((100 * share).toFixed(2))).join(" "),
  },
});
