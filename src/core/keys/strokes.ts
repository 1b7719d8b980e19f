/**
 * Strokes: what a hand does to a display's keys, and the time it takes. The costs are common practice, no source: a tap
 * every third of a second, half a second to settle after a hold, a little care to let go of a repeating key in time.
 */
import { elapse, hold, type DisplayProfile, type MenuState } from "../display";

export const KEY_COSTS = {
  /** A tapped key is down this long, ms, */
  tapHeldMs: 120,
  /** and the next stroke comes this long after, ms. */
  tapGapMs: 230,
  /** A held key is held this much longer than the display asks, ms, */
  holdMarginMs: 150,
  /** and the hand settles this long, ms. */
  holdGapMs: 450,
  /** Finding each further key of a chord, ms. */
  extraKeyMs: 300,
  /** Watching a repeating value and letting go in time, ms. */
  repeatCareMs: 600,
  /** Waited beyond the menu's own time-out to see it close, ms. */
  waitMarginMs: 200,
} as const;

export type Stroke =
  | { readonly kind: "tap"; readonly keys: readonly string[] }
  | { readonly kind: "hold"; readonly keys: readonly string[]; readonly holdMs: number }
  /** A key held until its value has stepped `steps` times. */
  | { readonly kind: "repeat"; readonly keys: readonly string[]; readonly steps: number; readonly afterMs: number; readonly everyMs: number }
  | { readonly kind: "wait"; readonly ms: number };

/** How long the keys are down, ms. */
function heldMs(stroke: Exclude<Stroke, { kind: "wait" }>): number {
  switch (stroke.kind) {
    case "tap":
      return KEY_COSTS.tapHeldMs;
    case "hold":
      return stroke.holdMs + KEY_COSTS.holdMarginMs;
    case "repeat":
      // Let go midway between two steps, so that neither a hair early nor late miscounts.
      return stroke.afterMs + (stroke.steps - 1) * stroke.everyMs + Math.floor(stroke.everyMs / 2);
  }
}

/** Time a stroke takes from reaching for the key to being ready for the next, ms. */
export function strokeMs(stroke: Stroke): number {
  if (stroke.kind === "wait") return stroke.ms;
  const reach = (stroke.keys.length - 1) * KEY_COSTS.extraKeyMs;
  const gap = stroke.kind === "tap" ? KEY_COSTS.tapGapMs : stroke.kind === "hold" ? KEY_COSTS.holdGapMs : KEY_COSTS.holdGapMs + KEY_COSTS.repeatCareMs;
  return reach + heldMs(stroke) + gap;
}

/** Plays a stroke on the machine, all of its time included. */
export function play(profile: DisplayProfile, state: MenuState, stroke: Stroke): MenuState {
  if (stroke.kind === "wait") return elapse(profile, state, stroke.ms);
  const down = hold(profile, state, stroke.keys);
  const up = hold(profile, elapse(profile, down, heldMs(stroke)), []);
  return elapse(profile, up, strokeMs(stroke) - heldMs(stroke));
}

/** Times a key goes down: a repeat counts once, a wait not at all. */
export const pressCount = (strokes: readonly Stroke[]): number => strokes.filter((stroke) => stroke.kind !== "wait").length;

/** Waiting out an open menu. */
export const waitForClose = (profile: DisplayProfile): Stroke => ({ kind: "wait", ms: profile.menu.idle.closesAfterMs + KEY_COSTS.waitMarginMs });
