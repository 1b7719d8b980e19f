/**
 * The yardstick for a key plan: walking the leaflet. Every line in order, single taps in the direction that looks shorter,
 * save, power cycle. It is what a technician does without a plan.
 */
import { linesOf, movesTheBike, stepRaw, type DisplayProfile, type KeyRule, type MenuState } from "../display";
import { play, strokeMs, waitForClose, type Stroke } from "./strokes";

export interface Walk {
  readonly strokes: readonly Stroke[];
  readonly totalMs: number;
  readonly end: MenuState;
}

/** Strokes that set `targets` the long way from the home screen. */
export function walkTheLeaflet(profile: DisplayProfile, start: MenuState, targets: readonly number[]): Walk {
  const strokes: Stroke[] = [];
  let state = start;
  const take = (stroke: Stroke) => {
    strokes.push(stroke);
    state = play(profile, state, stroke);
  };
  const gesture = (on: KeyRule["on"], kind: KeyRule["does"]["kind"]): Stroke | null => {
    const rule = profile.rules.find((r) => r.on === on && r.does.kind === kind && !movesTheBike(r.does));
    if (!rule) return null;
    return rule.gesture.kind === "tap" ? { kind: "tap", keys: rule.keys } : { kind: "hold", keys: rule.keys, holdMs: rule.gesture.holdMs };
  };
  const open = gesture("home", "open-menu");
  const next = gesture("menu", "next-line");
  if (open) take(open);
  linesOf(profile).forEach((_, index) => {
    if (index > 0 && next) take(next);
    const target = targets[index];
    const from = state.pending[index];
    if (target === undefined || from === undefined || from === target) return;
    const byOf = tapsBetween(profile, index, from, target);
    if (!byOf) return;
    const rule = profile.rules.find((r) => r.on === "menu" && r.does.kind === "step-value" && r.does.by === byOf.by);
    if (rule) for (let i = 0; i < byOf.taps; i++) take({ kind: "tap", keys: rule.keys });
  });
  take(gesture("menu", "save-and-leave") ?? waitForClose(profile));
  if (profile.inForce === "after-power-cycle") for (const stroke of [gesture("home", "power-off"), gesture("off", "power-on")]) if (stroke) take(stroke);
  return { strokes, totalMs: strokes.reduce((sum, stroke) => sum + strokeMs(stroke), 0), end: state };
}

function tapsBetween(profile: DisplayProfile, index: number, from: number, target: number): { by: 1 | -1; taps: number } | null {
  const count = (by: 1 | -1): number => {
    let raw = from;
    for (let taps = 1; taps <= 2000; taps++) {
      raw = stepRaw(profile, index, raw, by);
      if (raw === target) return taps;
      if (raw === from) break;
    }
    return Infinity;
  };
  const up = count(1);
  const down = count(-1);
  if (up === Infinity && down === Infinity) return null;
  return up <= down ? { by: 1, taps: up } : { by: -1, taps: down };
}
