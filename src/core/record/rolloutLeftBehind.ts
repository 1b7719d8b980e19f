/** The rollout a bike that came back had on another tyre: not this tyre’s, and told so. */
import { readIntake } from "../facts";
import type { Rollout } from "../wheel";
import { isAnotherTyre, typed } from "./carriedRollout";
import type { Job } from "./job";

/** A rollout measured on another tyre at the visit before, and that tyre as it was typed. */
export interface RolloutLeftBehind {
  readonly rollout: Rollout;
  readonly tyre: string;
}

/** The rollout of the visit before where it is not this tyre’s and none was measured since; null otherwise. */
export function rolloutLeftBehind(job: Job): RolloutLeftBehind | null {
  const last = job.lastVisit;
  if (!last || typed(job.intake, "rolloutMm") !== "" || !isAnotherTyre(job, last)) return null;
  const { rollout } = readIntake(last.intake).bike;
  return rollout?.from === "measured" ? { rollout, tyre: typed(last.intake, "tyre") } : null;
}
