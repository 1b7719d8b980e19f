/** A key plan as a person works through it: its steps, its presses, its time. Nothing is planned here. */
import type { DisplayProfile } from "../display";
import { cardSteps, personMs, pressCount, USUAL_PACE, type CardStep, type KeyGoal, type KeyPlan } from "../keys";

export interface KeyWork {
  readonly plan: KeyPlan;
  readonly steps: readonly CardStep[];
  readonly presses: number;
  /** Time of the keys alone, ms. */
  readonly totalMs: number;
  /** Time with the person at the keys, reading and answering included, ms. */
  readonly personMs: number;
}

/** A plan as it is worked through by the person of the goal, the usual one where it names none. */
export function workOf(
  profile: DisplayProfile,
  plan: KeyPlan,
  { look, pace = USUAL_PACE }: Pick<KeyGoal, "look" | "pace">,
): KeyWork {
  const strokes = plan.ok ? plan.strokes : [];
  const steps = cardSteps(profile, strokes, look, pace);
  return {
    plan,
    steps,
    presses: pressCount(strokes.map(({ stroke }) => stroke)),
    totalMs: plan.ok ? plan.totalMs : 0,
    personMs: personMs(steps, pace),
  };
}
