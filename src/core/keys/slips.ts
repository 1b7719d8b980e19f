/**
 * Lost, and found again: where a display may stand when a step of the card went wrong, and what it shows there. Which
 * lines nobody can be sure of then is in `unsure.ts`.
 */
import {
  dangerOf,
  elapse,
  ruleActs,
  sameView,
  viewOf,
  type DisplayProfile,
  type MenuState,
  type View,
} from "../display";
import type { CardStep } from "./card";
import { ensure } from "./ensure";
import { play, ruleStroke } from "./pressing";
import type { Stroke } from "./strokes";

/** A state the display could be in instead of the expected one, and what it would show. */
export interface Slip {
  readonly view: View;
  readonly state: MenuState;
  readonly how:
    "one-too-few" | "one-too-many" | "other-key" | "menu-closed" | "saved-already" | "nothing-yet" | "too-late";
}

type How = Slip["how"];

interface Run {
  readonly stroke: Stroke;
  readonly count: number;
}

interface Candidate {
  readonly how: How;
  readonly state: MenuState;
}

/** A run as a slip of the hand leaves it: a tap or a step too many or too few, a hold let go too soon. */
function slippedRuns({ stroke, count }: Run): readonly (Run & { readonly how: How })[] {
  switch (stroke.kind) {
    case "tap":
      return [
        { stroke, count: count - 1, how: "one-too-few" },
        { stroke, count: count + 1, how: "one-too-many" },
      ];
    case "repeat":
      return [-1, 1].flatMap((by) =>
        stroke.steps + by < 1
          ? []
          : [{ stroke: { ...stroke, steps: stroke.steps + by }, count, how: by < 0 ? "one-too-few" : "one-too-many" }],
      );
    case "double-tap":
      return [
        { stroke, count: 0, how: "one-too-few" },
        { stroke: { kind: "tap", keys: stroke.keys }, count: 1, how: "one-too-few" },
      ];
    case "hold":
    case "keep-holding":
      return [{ stroke, count: 0, how: "one-too-few" }];
    case "wait":
      return [];
  }
}

const played = (profile: DisplayProfile, from: MenuState, { stroke, count }: Run): MenuState =>
  Array.from({ length: count }).reduce<MenuState>((state) => play(profile, state, stroke), from);

/** Where so many slips of the hand lead, those of later runs first. */
export function slippedStates(profile: DisplayProfile, step: CardStep, slips: number): readonly Candidate[] {
  const found: (Candidate & { readonly lastAt: number })[] = [];
  const goOn = (state: MenuState, at: number, left: number, how: How | null, lastAt: number): void => {
    const run = step.runs[at];
    if (!run) {
      if (how && left === 0) found.push({ state, how, lastAt });
      return;
    }
    // Runs after these are too few for the slips that are left.
    if (left < step.runs.length - at) goOn(played(profile, state, run), at + 1, left, how, lastAt);
    if (left > 0)
      for (const wrong of slippedRuns(run)) goOn(played(profile, state, wrong), at + 1, left - 1, wrong.how, at);
  };
  goOn(step.before, 0, slips, null, -1);
  return found.sort((a, b) => b.lastAt - a.lastAt);
}

/** Where the display stands should the menu have closed by itself somewhere in a step. */
export function closedStates(profile: DisplayProfile, step: CardStep): readonly MenuState[] {
  const strokes = step.runs.flatMap(({ stroke, count }) => Array.from({ length: count }, () => stroke));
  const states = [step.before];
  for (const stroke of strokes) states.push(play(profile, states.at(-1) ?? step.before, stroke));
  return states.flatMap((state) =>
    state.screen.kind === "menu" || state.screen.kind === "code" ? [closedByItself(profile, state)] : [],
  );
}

/** Where another key after the step leads, but for those that hurt. */
const besideStates = (profile: DisplayProfile, { after }: CardStep): readonly MenuState[] =>
  profile.rules
    .filter(
      (rule) =>
        rule.gesture.kind === "tap" &&
        dangerOf(rule.does) === null &&
        ruleActs(profile, rule, after, after.sincePowerOnMs),
    )
    .map((rule) => play(profile, after, ruleStroke(profile, after, rule)));

const ofOneSlip = new WeakMap<CardStep, readonly Candidate[]>();

/** Where a step may have led that went wrong in one way, likeliest first. */
export function lostIn(profile: DisplayProfile, step: CardStep): readonly Candidate[] {
  return ensure(ofOneSlip, step, () => {
    const slipped = slippedStates(profile, step, 1);
    const lastRun = step.runs.at(-1);
    const ofLast = lastRun ? slippedRuns(lastRun).length : 0;
    return [
      ...slipped.slice(0, ofLast),
      ...closedStates(profile, step).map((state) => ({ how: "menu-closed", state }) as const),
      ...besideStates(profile, step).map((state) => ({ how: "other-key", state }) as const),
      { how: "nothing-yet", state: step.before },
      ...slipped.slice(ofLast),
    ];
  });
}

/**
 * What the display most likely shows when a step went wrong, likeliest first: a tap too few or too many, the menu
 * closed by itself, another key, nothing pressed yet, a slip before the last keys. Each comes with the full state to go
 * on planning from.
 */
export function likelySlips(profile: DisplayProfile, step: CardStep): readonly Slip[] {
  const expected = viewOf(profile, step.after);
  const slips: Slip[] = [];
  for (const { how, state } of lostIn(profile, step)) {
    const view = viewOf(profile, state);
    if (!sameView(view, expected) && !slips.some((slip) => sameView(slip.view, view))) slips.push({ view, state, how });
  }
  return slips;
}

/** Where a display stands once its menu has closed by itself: `before` is the last state with the menu open. */
export const closedByItself = (profile: DisplayProfile, before: MenuState): MenuState =>
  elapse(profile, { ...before, held: null, tapped: null }, profile.menu.idle.closesAfterMs);
