/**
 * The yardstick for a key plan: walking the leaflet. Every line in the leaflet's order, single taps in the direction
 * that looks shorter, save, power cycle. It is what a technician does without a plan.
 */
import {
  isShown,
  layoutOf,
  linesOf,
  rawValues,
  stepDigit,
  stepRaw,
  type DisplayProfile,
  type MenuState,
  blinksEverywhere,
} from "../display";
import { strokeRuns } from "./pace";
import { planKeys } from "./plan";
import { play } from "./pressing";
import { totalMs, type Stroke } from "./strokes";

export interface Walk {
  readonly strokes: readonly Stroke[];
  /** The same, line by line: each is looked up in the leaflet, and looked at on the display. */
  readonly steps: readonly { readonly runs: readonly { readonly stroke: Stroke; readonly count: number }[] }[];
  readonly totalMs: number;
  readonly end: MenuState;
}

/** Strokes that set `targets` the long way from the home screen. */
export function walkTheLeaflet(profile: DisplayProfile, start: MenuState, targets: readonly number[]): Walk {
  const legs: Stroke[][] = [];
  let state = start;
  const take = (stroke: Stroke) => {
    legs.at(-1)?.push(stroke);
    state = play(profile, state, stroke);
  };
  const follow = (goal: Parameters<typeof planKeys>[2]) => {
    const plan = planKeys(profile, state, goal);
    if (plan.ok) for (const { stroke } of plan.strokes) take(stroke);
  };
  linesOf(profile).forEach((line, index) => {
    if (!layoutOf(profile).placeOfLine[index] || !isShown(profile, index, state.pending)) return;
    legs.push([]);
    follow({ targets: [], look: [index], end: "anywhere" });
    const target = targets[index];
    const from = state.pending[index];
    if (target === undefined || from === undefined || from === target || rawValues(line.encoding).length === 0) return;
    const taps = tapsBetween(profile, index, from, target);
    if (!taps) return;
    if (blinksEverywhere(profile)) take({ kind: "tap", keys: keysFor(profile, "select") });
    for (const keys of taps) take({ kind: "tap", keys });
    if (blinksEverywhere(profile)) take({ kind: "tap", keys: keysFor(profile, "confirm-value") });
  });
  legs.push([]);
  follow({ targets });
  const strokes = legs.flat();
  const steps = legs.filter((leg) => leg.length > 0).map((leg) => ({ runs: strokeRuns(leg) }));
  return { strokes, steps, totalMs: totalMs(strokes), end: state };
}

const keysFor = (profile: DisplayProfile, kind: "select" | "confirm-value"): readonly string[] =>
  profile.rules.find((rule) => rule.on === "menu" && rule.does.kind === kind && rule.gesture.kind === "tap")?.keys ??
  [];

/** Fewest single taps from one value to another, as the keys of each. */
function tapsBetween(
  profile: DisplayProfile,
  index: number,
  from: number,
  target: number,
): readonly (readonly string[])[] | null {
  const rules = profile.rules.filter(
    (rule) =>
      rule.on === "menu" &&
      rule.gesture.kind === "tap" &&
      (rule.does.kind === "step-value" || rule.does.kind === "step-digit"),
  );
  const seen = new Map<number, { readonly from: number; readonly keys: readonly string[] } | null>([[from, null]]);
  const queue = [from];
  for (let raw = queue.shift(); raw !== undefined && !seen.has(target); raw = queue.shift())
    for (const { does, keys } of rules) {
      const next =
        does.kind === "step-value"
          ? stepRaw(profile, index, raw, does.by)
          : does.kind === "step-digit"
            ? stepDigit(profile, index, raw, does.place)
            : raw;
      if (seen.has(next)) continue;
      seen.set(next, { from: raw, keys });
      queue.push(next);
    }
  if (!seen.has(target)) return null;
  const taps: (readonly string[])[] = [];
  for (let at = seen.get(target); at; at = seen.get(at.from)) taps.unshift(at.keys);
  return taps;
}
