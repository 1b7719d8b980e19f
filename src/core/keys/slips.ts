/**
 * Lost, and found again: where a display may stand when a step of the card went wrong, what it shows there, and which
 * lines nobody can be sure of because another slip would look the same.
 */
import {
  dangerOf,
  elapse,
  lineAt,
  ruleActs,
  sameView,
  savesIdle,
  viewOf,
  type DisplayProfile,
  type MenuState,
  type View,
} from "../display";
import type { CardStep } from "./card";
import { ensure } from "./ensure";
import { play, ruleStroke, type Stroke } from "./strokes";

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
function slippedStates(profile: DisplayProfile, step: CardStep, slips: number): readonly Candidate[] {
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
function closedStates(profile: DisplayProfile, step: CardStep): readonly MenuState[] {
  const strokes = step.runs.flatMap(({ stroke, count }) => Array.from({ length: count }, () => stroke));
  const states = [step.before];
  for (const stroke of strokes) states.push(play(profile, states.at(-1) ?? step.before, stroke));
  return states.flatMap((state) =>
    state.screen.kind === "menu" || state.screen.kind === "code" ? [closedByItself(profile, state).after] : [],
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
function lostIn(profile: DisplayProfile, step: CardStep): readonly Candidate[] {
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

/** Lines on which states disagree, by index. */
const differing = (states: readonly MenuState[]): readonly number[] =>
  (states[0]?.saved ?? []).flatMap((_, i) =>
    (["saved", "pending", "inForce"] as const).some((kept) => new Set(states.map((state) => state[kept][i])).size > 1)
      ? [i]
      : [],
  );

/** A state in which what may not be kept is taken not to be kept: it is saved once too often rather than not at all. */
function asUnsure(states: readonly MenuState[], doubtful: readonly number[]): MenuState {
  const [first, ...others] = states;
  if (!first) throw new RangeError("no state to stand in");
  const { pending } = first;
  const unlike = (kept: "saved" | "inForce"): readonly number[] =>
    first[kept].map((raw, i) =>
      doubtful.includes(i) ? (others.map((state) => state[kept][i]).find((each) => each !== pending[i]) ?? raw) : raw,
    );
  return { ...first, saved: unlike("saved"), inForce: unlike("inForce") };
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

/** A state told by what shows, and the lines that may hold another value than they do in it, by index. */
export interface Unsure {
  readonly state: MenuState;
  readonly doubtful: readonly number[];
}

/**
 * What of a display nobody can be sure of that shows something else after a step: up to two slips that look like
 * `told` may have left its lines otherwise. Where no slip looks like it, whatever the keys may have changed is in
 * doubt.
 */
export function unsureOf(profile: DisplayProfile, step: CardStep, told: MenuState): Unsure {
  const view = viewOf(profile, told);
  const states = [...lostIn(profile, step), ...slippedStates(profile, step, 2)].map(({ state }) => state);
  const alike = states.filter((state) => sameView(viewOf(profile, state), view));
  if (alike.length === 0) return { state: told, doubtful: mayHaveChanged(profile, told, [step.after, ...states]) };
  const doubtful = differing([told, ...alike]);
  return { state: asUnsure([told, ...alike], doubtful), doubtful };
}

/** Lines that hold another value in one of these states than in the one told, but for the one that shows. */
function mayHaveChanged(profile: DisplayProfile, told: MenuState, states: readonly MenuState[]): readonly number[] {
  const { screen } = told;
  // What blinks is not yet what the line holds.
  const shown = screen.kind === "menu" && screen.draft === null ? lineAt(profile, told) : -1;
  return told.saved.flatMap((saved, i) =>
    i !== shown &&
    states.some((state) => state.saved[i] !== saved || (screen.kind === "menu" && state.pending[i] !== told.pending[i]))
      ? [i]
      : [],
  );
}

/** Lines that may or may not have been kept by a menu that closed by itself somewhere in a step, by index. */
export const doubtfulOnceClosed = (profile: DisplayProfile, step: CardStep): readonly number[] =>
  differing(closedStates(profile, step));

/** Lines whose pending value the memory does not hold, by index: what a closing menu would throw away or has saved. */
const unsavedLines = (state: MenuState): readonly number[] =>
  state.pending.flatMap((raw, i) => (raw === state.saved[i] ? [] : [i]));

/** What happened when a menu closed by itself: `before` is the last state with the menu open. */
export function closedByItself(
  profile: DisplayProfile,
  before: MenuState,
): { readonly after: MenuState; readonly lines: readonly number[]; readonly kept: boolean } {
  const blinking = before.screen.kind === "menu" && before.screen.draft !== null ? lineAt(profile, before) : -1;
  const lines = [...new Set([...unsavedLines(before), ...(blinking >= 0 ? [blinking] : [])])];
  return {
    after: elapse(profile, { ...before, held: null, tapped: null }, profile.menu.idle.closesAfterMs),
    lines,
    kept: savesIdle(profile),
  };
}
