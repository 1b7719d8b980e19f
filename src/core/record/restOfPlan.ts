/** What is left of a key plan that has been followed part of the way: nothing is planned anew. */
import type { DisplayProfile, MenuState } from "../display";
import { strokeMs, type KeyGoal } from "../keys";
import { workOf, type KeyWork } from "./workOfPlan";

/** Whether two states of a display are the same but for the time that has passed in them. */
export const samePlace = (a: MenuState, b: MenuState): boolean =>
  JSON.stringify([a.screen, a.saved, a.pending, a.inForce, a.lastAt, a.done]) ===
  JSON.stringify([b.screen, b.saved, b.pending, b.inForce, b.lastAt, b.done]);

/**
 * What is left of a plan from a state on its way: no other plan is shorter from there. Null where it leads elsewhere.
 */
export function restOfPlan(
  profile: DisplayProfile,
  work: KeyWork,
  at: MenuState,
  goal: Pick<KeyGoal, "look" | "pace">,
): KeyWork | null {
  if (!work.plan.ok) return null;
  const done = work.plan.strokes.findIndex(({ after }) => samePlace(after, at));
  if (done < 0) return null;
  const strokes = work.plan.strokes.slice(done + 1);
  const totalMs = strokes.reduce((sum, { stroke }) => sum + strokeMs(stroke), 0);
  return workOf(profile, { ...work.plan, strokes, totalMs }, goal);
}
