/** Key plans of a job: the keys, cut into steps. Planning takes up to seconds; screens ask the worker for it. */
import type { DisplayProfile, MenuState } from "../display";
import {
  cardSteps,
  planKeys,
  pressCount,
  strokeMs,
  walkTheLeaflet,
  type CardStep,
  type KeyGoal,
  type KeyPlan,
} from "../keys";
import type { Raws } from "../applied";
import type { Job } from "./job";
import { goalOf, keyTask, type KeyTask } from "./keyTask";
import { wayBackTask } from "./wayBackTask";
import type { Workings } from "./workings";

export interface KeyWork {
  readonly plan: KeyPlan;
  readonly steps: readonly CardStep[];
  readonly presses: number;
  readonly totalMs: number;
}

/** Plans the keys from a state and cuts the plan into steps. */
export function keyWork(
  profile: DisplayProfile,
  state: MenuState,
  goal: Omit<KeyGoal, "targets"> & { readonly targets: Raws },
): KeyWork {
  const plan = planKeys(profile, state, { ...goal, targets: goalOf(goal.targets, state) });
  const strokes = plan.ok ? plan.strokes : [];
  return {
    plan,
    steps: cardSteps(profile, strokes, goal.look),
    presses: pressCount(strokes.map(({ stroke }) => stroke)),
    totalMs: plan.ok ? plan.totalMs : 0,
  };
}

export interface ProgramOutlook extends KeyWork, KeyTask {
  /** The same by walking the leaflet: every line in order, single taps. */
  readonly leafletPresses: number;
  readonly leafletMs: number;
}

/** The whole of what a task comes to in keys. */
export function outlookOfTask(profile: DisplayProfile, { start, targets, unread }: KeyTask): ProgramOutlook {
  const goal = goalOf(targets, start);
  const walk = walkTheLeaflet(profile, start, goal);
  return {
    ...keyWork(profile, start, { targets: goal, look: unread }),
    leafletPresses: pressCount(walk.strokes),
    leafletMs: walk.strokes.reduce((sum, stroke) => sum + strokeMs(stroke), 0),
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
