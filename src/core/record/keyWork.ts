/** Key plans of a job: the keys, cut into steps. Planning takes up to seconds; screens ask the worker for it. */
import type { DisplayProfile, MenuState } from "../display";
import { personMs, planKeys, pressCount, USUAL_PACE, walkTheLeaflet, type KeyGoal, type Pace } from "../keys";
import type { Raws } from "../applied";
import type { Job } from "./job";
import { goalOf, keyTask, type KeyTask } from "./keyTask";
import { wayBackTask } from "./wayBackTask";
import { workOf, type KeyWork } from "./workOfPlan";
import type { Workings } from "./workings";

export type { KeyWork } from "./workOfPlan";

/** What is asked of a key plan for a job: lines it does not hold want what they have. */
export type WorkGoal = Omit<KeyGoal, "targets"> & { readonly targets: Raws };

/**
 * Plans the keys from a state and cuts the plan into steps. Of the plan that is least with the person and the one that
 * is least by the keys, the one that takes the person less as it is cut.
 */
export function keyWork(profile: DisplayProfile, state: MenuState, goal: WorkGoal): KeyWork {
  const targets = goalOf(goal.targets, state);
  const byKeys = workOf(profile, planKeys(profile, state, { ...goal, targets, pace: undefined }), goal);
  if (!goal.pace || !byKeys.plan.ok) return byKeys;
  const withPerson = workOf(profile, planKeys(profile, state, { ...goal, targets }), goal);
  return withPerson.plan.ok && withPerson.personMs < byKeys.personMs ? withPerson : byKeys;
}

export interface ProgramOutlook extends KeyWork, KeyTask {
  /** The same by walking the leaflet: every line in order, single taps. */
  readonly leafletPresses: number;
  /** The same with the person at the keys, ms. */
  readonly leafletPersonMs: number;
}

/** The whole of what a task comes to in keys. */
export function outlookOfTask(
  profile: DisplayProfile,
  { start, targets, unread }: KeyTask,
  pace: Pace = USUAL_PACE,
): ProgramOutlook {
  const goal = goalOf(targets, start);
  const walk = walkTheLeaflet(profile, start, goal);
  return {
    ...keyWork(profile, start, { targets: goal, look: unread, pace }),
    leafletPresses: pressCount(walk.strokes),
    leafletPersonMs: personMs(walk.steps, pace),
    targets,
    unread,
    start,
  };
}

/**
 * The key plan a job would start with, or null while there is no display, no baseline and no reason for lacking one.
 */
export function programOutlook(job: Job, workings: Workings): ProgramOutlook | null {
  const task = keyTask(job, workings);
  return job.profile && task ? outlookOfTask(job.profile, task) : null;
}

/** The keys that bring a programmed display back to how it was found; null where that was never written down. */
export function wayBack(job: Job): KeyWork | null {
  const task = wayBackTask(job);
  return job.profile && task ? keyWork(job.profile, task.state, task.goal) : null;
}

/** The keys that bring every line up on the display once, from a state. */
export function readingTour(profile: DisplayProfile, state: MenuState, lines: readonly number[]): KeyWork {
  return keyWork(profile, state, { targets: state.saved, look: lines, end: "anywhere" });
}
