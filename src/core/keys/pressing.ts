/** Strokes on the machine: what they do to a display, and which of them makes a rule act. */
import { elapse, hold, waitsForSecondTap, type DisplayProfile, type KeyRule, type MenuState } from "../display";
import { heldMs, KEY_COSTS, keepStroke, strokeMs, type Stroke } from "./strokes";

/** Plays a stroke on the machine, all of its time included. */
export function play(profile: DisplayProfile, state: MenuState, stroke: Stroke): MenuState {
  if (stroke.kind === "wait") return elapse(profile, state, stroke.ms);
  const down = (from: MenuState, ms: number): MenuState =>
    hold(profile, elapse(profile, hold(profile, from, stroke.keys), ms), []);
  if (stroke.kind === "double-tap") {
    const first = elapse(profile, down(state, KEY_COSTS.tapHeldMs), KEY_COSTS.doubleTapGapMs);
    return elapse(
      profile,
      down(first, KEY_COSTS.tapHeldMs),
      strokeMs(stroke) - 2 * KEY_COSTS.tapHeldMs - KEY_COSTS.doubleTapGapMs,
    );
  }
  if (stroke.kind === "keep-holding") {
    const together = elapse(profile, hold(profile, state, stroke.keys), stroke.holdMs + KEY_COSTS.holdMarginMs);
    const kept = elapse(profile, hold(profile, together, stroke.keep), stroke.keepMs + KEY_COSTS.holdMarginMs);
    return elapse(profile, hold(profile, kept, []), strokeMs(stroke) - heldMs(stroke));
  }
  return elapse(profile, down(state, heldMs(stroke)), strokeMs(stroke) - heldMs(stroke));
}

/** The stroke that makes a rule act, from a state in which it can. */
export function ruleStroke(profile: DisplayProfile, state: MenuState, rule: KeyRule): Stroke {
  switch (rule.gesture.kind) {
    case "hold":
      return { kind: "hold", keys: rule.keys, holdMs: rule.gesture.holdMs };
    case "double-tap":
      return { kind: "double-tap", keys: rule.keys };
    case "keep-holding":
      return keepStroke(rule, rule.gesture, 0);
    case "tap":
      return waitsForSecondTap(profile, state, rule.keys)
        ? { kind: "tap", keys: rule.keys, apartMs: profile.doubleTapMs + 50 }
        : { kind: "tap", keys: rule.keys };
  }
}
