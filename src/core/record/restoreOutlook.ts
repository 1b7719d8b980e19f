/** What the last resort would take on a job: the maker's values restored first, the rest set again. */
import type { DisplayProfile } from "../display";
import { cardSteps, pressCount, restoreAndReapply, type CardStep } from "../keys";
import { goalOf, type KeyTask } from "./keyTask";

export interface RestoreOutlook {
  readonly presses: number;
  readonly totalMs: number;
  readonly steps: readonly CardStep[];
}

/** Restoring the maker's values first and setting the rest again; null where the display has no restore. */
export function restoreOutlook(profile: DisplayProfile, { start, targets }: KeyTask): RestoreOutlook | null {
  const plan = restoreAndReapply(profile, start, { targets: goalOf(targets, start) });
  if (!plan) return null;
  const strokes = [...plan.restore, ...plan.reapply];
  return {
    presses: pressCount(strokes.map(({ stroke }) => stroke)),
    totalMs: plan.totalMs,
    steps: cardSteps(profile, strokes),
  };
}
