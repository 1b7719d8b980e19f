/**
 * What a rule's own stroke comes to, without playing it moment by moment. The machine says the same, which the tests
 * hold; the planner asks this a thousand times for one plan, and nobody else does.
 */
import { closes, LONG_ON_MS, perform, rulesFor, type DisplayProfile, type KeyRule, type MenuState } from "../display";
import { heldMs, play, strokeMs, type Stroke } from "./strokes";

/** When a rule acts in a stroke of its keys: after so long, let go after, and left alone until the next, ms. */
export interface StrokeTimes {
  readonly actsMs: number;
  readonly heldMs: number;
  readonly strokeMs: number;
}

/**
 * What a tap or a hold of a rule's keys comes to, all its time included.
 * @returns null where it has to be played: another rule would act, a second tap is waited for, a key is held
 */
export function actedBy(
  profile: DisplayProfile,
  state: MenuState,
  rule: KeyRule,
  { actsMs, heldMs, strokeMs }: StrokeTimes,
): MenuState | null {
  const { kind } = rule.gesture;
  if (state.held || state.tapped || kind === "double-tap" || strokeMs - heldMs >= profile.menu.idle.closesAfterMs)
    return null;
  const acting = rulesFor(profile, state, rule.keys, state.sincePowerOnMs);
  if (acting.find((each) => each.gesture.kind === kind) !== rule) return null;
  if (kind === "tap" && acting.some((each) => each.gesture.kind === "double-tap")) return null;
  const later = (now: MenuState, ms: number): number =>
    now.screen.kind === "off" ? now.sincePowerOnMs : Math.min(LONG_ON_MS, now.sincePowerOnMs + ms);
  const done = perform(profile, { ...state, idleMs: 0, sincePowerOnMs: later(state, actsMs) }, rule.does);
  if (done.screen.kind === "walk-assist") return null;
  return {
    ...done,
    idleMs: closes(done) ? strokeMs - heldMs : 0,
    sincePowerOnMs: later(done, strokeMs - actsMs),
  };
}

/** The display after a rule's own stroke, from a state in which the rule can act. */
export function playRule(profile: DisplayProfile, state: MenuState, rule: KeyRule, stroke: Stroke): MenuState {
  const quick =
    stroke.kind === "hold" || (stroke.kind === "tap" && stroke.apartMs === undefined)
      ? actedBy(profile, state, rule, {
          actsMs: stroke.kind === "hold" ? stroke.holdMs : heldMs(stroke),
          heldMs: heldMs(stroke),
          strokeMs: strokeMs(stroke),
        })
      : null;
  return quick ?? play(profile, state, stroke);
}
