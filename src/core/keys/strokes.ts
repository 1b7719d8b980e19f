/**
 * Strokes: what a hand does to a display's keys, and the time it takes. The costs are common practice, no source: a tap
 * every third of a second, half a second to settle after a hold, a little care to let go of a repeating key in time.
 */
import { KEY_COSTS } from "./costs";
import type { DisplayProfile, KeyRule } from "../display";

export { KEY_COSTS } from "./costs";

export type Stroke =
  /** `apart` where a second tap too soon would count as a double tap: the hand waits that long, ms. */
  | { readonly kind: "tap"; readonly keys: readonly string[]; readonly apartMs?: number }
  | { readonly kind: "double-tap"; readonly keys: readonly string[] }
  | { readonly kind: "hold"; readonly keys: readonly string[]; readonly holdMs: number }
  /** Held together, then all but `keep` let go, and those held on. */
  | {
      readonly kind: "keep-holding";
      readonly keys: readonly string[];
      readonly holdMs: number;
      readonly keep: readonly string[];
      readonly keepMs: number;
    }
  /** A key held until its value has stepped `steps` times. */
  | {
      readonly kind: "repeat";
      readonly keys: readonly string[];
      readonly steps: number;
      readonly afterMs: number;
      readonly everyMs: number;
    }
  | { readonly kind: "wait"; readonly ms: number; readonly for: "menu-closes" | "time-since-power-on" };

/** How long the keys are down, ms. */
export function heldMs(stroke: Exclude<Stroke, { kind: "wait" } | { kind: "double-tap" }>): number {
  switch (stroke.kind) {
    case "tap":
      return KEY_COSTS.tapHeldMs;
    case "hold":
      return stroke.holdMs + KEY_COSTS.holdMarginMs;
    case "keep-holding":
      return stroke.holdMs + stroke.keepMs + 2 * KEY_COSTS.holdMarginMs;
    case "repeat":
      // Let go midway between two steps, so that neither a hair early nor late miscounts.
      return stroke.afterMs + (stroke.steps - 1) * stroke.everyMs + Math.floor(stroke.everyMs / 2);
  }
}

/** Time a stroke takes from reaching for the key to being ready for the next, ms. */
export function strokeMs(stroke: Stroke): number {
  if (stroke.kind === "wait") return stroke.ms;
  const reach = (stroke.keys.length - 1) * KEY_COSTS.extraKeyMs;
  switch (stroke.kind) {
    case "tap":
      return reach + KEY_COSTS.tapHeldMs + Math.max(KEY_COSTS.tapGapMs, stroke.apartMs ?? 0);
    case "double-tap":
      return reach + 2 * KEY_COSTS.tapHeldMs + KEY_COSTS.doubleTapGapMs + KEY_COSTS.tapGapMs;
    case "hold":
    case "keep-holding":
      return reach + heldMs(stroke) + KEY_COSTS.holdGapMs;
    case "repeat":
      return reach + heldMs(stroke) + KEY_COSTS.holdGapMs + KEY_COSTS.repeatCareMs;
  }
}

export const totalMs = (strokes: readonly Stroke[]): number =>
  strokes.reduce((sum, stroke) => sum + strokeMs(stroke), 0);

/** The keys of a rule held on after others, held with them for `holdMs`, were let go. */
export const keepStroke = (
  { keys }: KeyRule,
  gesture: Extract<KeyRule["gesture"], { kind: "keep-holding" }>,
  holdMs: number,
): Extract<Stroke, { kind: "keep-holding" }> => ({
  kind: "keep-holding",
  keys: [...gesture.released, ...keys],
  holdMs,
  keep: keys,
  keepMs: gesture.holdMs,
});

/** Least time a rule's stroke takes, wherever it is made, ms. */
export const leastRuleMs = (rule: KeyRule): number => strokeMs(leastStroke(rule));

function leastStroke(rule: KeyRule): Stroke {
  const { gesture, keys } = rule;
  switch (gesture.kind) {
    case "hold":
      return { kind: "hold", keys, holdMs: gesture.holdMs };
    case "keep-holding":
      return keepStroke(rule, gesture, 0);
    case "double-tap":
    case "tap":
      return { kind: gesture.kind, keys };
  }
}

/** Times a key goes down: a repeat counts once, a double tap twice, a wait not at all. */
export const pressCount = (strokes: readonly Stroke[]): number =>
  strokes.reduce((sum, stroke) => sum + (stroke.kind === "wait" ? 0 : stroke.kind === "double-tap" ? 2 : 1), 0);

/** Waiting out an open menu. */
export const waitForClose = (profile: DisplayProfile): Stroke => ({
  kind: "wait",
  ms: profile.menu.idle.closesAfterMs + KEY_COSTS.waitMarginMs,
  for: "menu-closes",
});
