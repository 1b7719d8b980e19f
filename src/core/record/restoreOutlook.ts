/** What the last resort would take on a job: the maker's values restored first, the rest set again. */
import { cardSteps, pressCount, restoreAndReapply, type CardStep } from "../keys";
import type { Job } from "./job";
import type { ProgramOutlook } from "./workings";

/** Restoring the maker's values first and setting the rest again: presses and time, or null where the display has no restore. */
export function restoreOutlook(
  job: Job,
  outlook: ProgramOutlook,
): { readonly presses: number; readonly totalMs: number; readonly steps: readonly CardStep[] } | null {
  if (!job.profile) return null;
  const plan = restoreAndReapply(job.profile, outlook.start, { targets: outlook.targets });
  if (!plan) return null;
  const strokes = [...plan.restore, ...plan.reapply];
  return {
    presses: pressCount(strokes.map(({ stroke }) => stroke)),
    totalMs: plan.totalMs,
    steps: cardSteps(job.profile, strokes),
  };
}
