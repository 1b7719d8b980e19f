/**
 * The key card: a plan cut into steps a technician can hold in mind, each one line of the menu or one chord, with what the
 * display shows before and must show after, and a way back from whatever it shows instead.
 */
import { elapse, linesOf, movesTheBike, rawValues, sameView, shows, viewOf, type DisplayProfile, type KeyRule, type MenuState, type View } from "../display";
import type { PlannedStroke } from "./plan";
import { play, strokeMs, waitForClose, type Stroke } from "./strokes";

/** Equal strokes in a row, as they are read aloud: "plus, three taps". */
export interface StrokeRun {
  readonly stroke: Stroke;
  readonly count: number;
  /** What the display shows after each stroke of the run. */
  readonly views: readonly View[];
}

export type CardStepKind = "switch-on" | "open" | "line" | "save" | "leave" | "power-cycle" | "wait";

export interface CardStep {
  readonly kind: CardStepKind;
  /** Menu line the step is about, or null for chords. */
  readonly line: number | null;
  readonly runs: readonly StrokeRun[];
  readonly before: MenuState;
  readonly after: MenuState;
  readonly ms: number;
}

const kindOf = ({ before, after, stroke }: PlannedStroke): CardStepKind => {
  if (before.screen.kind === "menu" && after.screen.kind === "menu") return "line";
  if (after.screen.kind === "menu") return "open";
  if (before.screen.kind === "menu") return stroke.kind === "wait" ? "wait" : after.saved === before.pending ? "save" : "leave";
  return before.screen.kind === "off" ? "switch-on" : "power-cycle";
};

/** Lines run past on the way to one line in a single step; more would outrun the eye. */
const MOST_STROKES_A_STEP = 24;

/**
 * Cuts a plan into steps: going to a line and setting it is one, a chord is one, off and on again is one.
 * @param stopAt lines to be read on the way, by index: a step ends there before anything is changed
 */
export function cardSteps(profile: DisplayProfile, strokes: readonly PlannedStroke[], stopAt: readonly number[] = []): readonly CardStep[] {
  const stopsHere = (planned: PlannedStroke): boolean => planned.after.screen.kind === "menu" && !isChange(planned) && stopAt.includes(planned.after.screen.line);
  const groups: { kind: CardStepKind; strokes: PlannedStroke[] }[] = [];
  for (const planned of strokes) {
    const kind = kindOf(planned);
    const group = groups[groups.length - 1];
    const last = group?.strokes[group.strokes.length - 1];
    const joins =
      group &&
      last &&
      ((kind === "line" && group.kind === "line" && !stopsHere(last) && !(isChange(last) && !isChange(planned)) && group.strokes.length < MOST_STROKES_A_STEP) ||
        (kind === "switch-on" && group.kind === "power-cycle"));
    if (joins) group.strokes.push(planned);
    else groups.push({ kind, strokes: [planned] });
  }
  return groups.flatMap(({ kind, strokes: members }) => {
    const first = members[0];
    const last = members[members.length - 1];
    if (!first || !last) return [];
    return [
      {
        kind,
        line: kind === "line" && last.after.screen.kind === "menu" ? last.after.screen.line : null,
        runs: runsOf(profile, members),
        before: first.before,
        after: last.after,
        ms: members.reduce((sum, { stroke }) => sum + strokeMs(stroke), 0),
      },
    ];
  });
}

const isChange = ({ before, after }: PlannedStroke): boolean =>
  before.screen.kind === "menu" && after.screen.kind === "menu" && before.screen.line === after.screen.line;

const sameStroke = (a: Stroke, b: Stroke): boolean => a.kind === "tap" && b.kind === "tap" && a.keys.join() === b.keys.join();

function runsOf(profile: DisplayProfile, members: readonly PlannedStroke[]): readonly StrokeRun[] {
  const runs: { stroke: Stroke; count: number; views: View[] }[] = [];
  for (const { stroke, after } of members) {
    const run = runs[runs.length - 1];
    const view = viewOf(profile, after);
    if (run && sameStroke(run.stroke, stroke)) {
      run.count += 1;
      run.views.push(view);
    } else runs.push({ stroke, count: 1, views: [view] });
  }
  return runs;
}

// ── lost, and found again ───────────────────────────────────────────────────────────────────────────────────────────

/** A state the display could be in instead of the expected one, and what it would show. */
export interface Slip {
  readonly view: View;
  readonly state: MenuState;
  readonly how: "one-too-few" | "one-too-many" | "other-key" | "menu-closed" | "saved-already" | "nothing-yet";
}

/**
 * What the display most likely shows when a step went wrong, likeliest first: a tap too few or too many, another key, the
 * menu closed by itself, nothing pressed yet. Each comes with the full state to go on planning from.
 */
export function likelySlips(profile: DisplayProfile, step: CardStep): readonly Slip[] {
  const strokes = step.runs.flatMap((run) => Array.from({ length: run.count }, () => run.stroke));
  const slips: Slip[] = [];
  const add = (how: Slip["how"], state: MenuState) => {
    const view = viewOf(profile, state);
    if (sameView(view, viewOf(profile, step.after)) || slips.some((slip) => sameView(slip.view, view))) return;
    slips.push({ view, state, how });
  };
  const last = strokes[strokes.length - 1];
  const allButLast = strokes.slice(0, -1).reduce((state, stroke) => play(profile, state, stroke), step.before);
  if (last) add("one-too-few", last.kind === "repeat" ? play(profile, allButLast, { ...last, steps: last.steps - 1 }) : allButLast);
  if (last?.kind === "tap" || last?.kind === "repeat") add("one-too-many", play(profile, step.after, { kind: "tap", keys: last.keys }));
  if (step.before.screen.kind === "menu") add("menu-closed", play(profile, step.before, waitForClose(profile)));
  if (step.after.screen.kind === "menu") add("menu-closed", play(profile, step.after, waitForClose(profile)));
  for (const rule of profile.rules)
    if (rule.on === step.after.screen.kind && rule.gesture.kind === "tap" && !movesTheBike(rule.does)) add("other-key", play(profile, step.after, { kind: "tap", keys: rule.keys }));
  add("nothing-yet", step.before);
  return slips;
}

export type Shown = { readonly kind: "off" } | { readonly kind: "home"; readonly saved: boolean } | { readonly kind: "line"; readonly line: number; readonly raw: number };

/**
 * The state of a display that shows `shown`, given what was last known of it. On a line, everything else pending is kept as
 * tracked; at home the menu has closed, saved or not as told; off, nothing unsaved has survived.
 */
export function stateFromShown(profile: DisplayProfile, tracked: MenuState, shown: Shown): MenuState {
  const rested: MenuState = { ...tracked, held: null, idleMs: 0 };
  switch (shown.kind) {
    case "off":
      return { ...rested, screen: { kind: "off" }, pending: rested.saved };
    case "home": {
      const saved = shown.saved ? rested.pending : rested.saved;
      return { ...rested, screen: { kind: "home" }, saved, pending: saved, inForce: shown.saved && profile.inForce === "at-once" ? saved : rested.inForce };
    }
    case "line":
      return { ...rested, screen: { kind: "menu", line: shown.line }, pending: rested.pending.with(shown.line, shown.raw) };
  }
}

/** Values a technician can be offered for a line, as the display shows them. */
export const shownChoices = (profile: DisplayProfile, index: number): readonly { raw: number; shows: string }[] => {
  const line = linesOf(profile)[index];
  return line ? rawValues(line.encoding).map((raw) => ({ raw, shows: shows(line.encoding, raw) })) : [];
};

/** Lines whose pending value the memory does not hold, by index: what a closing menu would throw away or has saved. */
export const unsavedLines = (state: MenuState): readonly number[] => state.pending.flatMap((raw, i) => (raw === state.saved[i] ? [] : [i]));

/** What happened when a menu closed by itself: `before` is the last state with the menu open. */
export function closedByItself(profile: DisplayProfile, before: MenuState): { readonly after: MenuState; readonly lines: readonly number[]; readonly kept: boolean } {
  const lines = unsavedLines(before);
  return { after: elapse(profile, { ...before, held: null }, profile.menu.idle.closesAfterMs), lines, kept: profile.menu.idle.pending === "save" };
}

// ── near misses ─────────────────────────────────────────────────────────────────────────────────────────────────────

export interface NearMiss {
  readonly keys: readonly string[];
  readonly holdMs: number;
}

/** Gestures that move the bike when a chord is missed by a finger: part of its keys, held long enough. */
export function nearMisses(profile: DisplayProfile, on: KeyRule["on"], keys: readonly string[]): readonly NearMiss[] {
  return profile.rules.flatMap((rule) =>
    rule.on === on && movesTheBike(rule.does) && rule.keys.length < keys.length && rule.keys.every((key) => keys.includes(key))
      ? [{ keys: rule.keys, holdMs: rule.gesture.kind === "hold" ? rule.gesture.holdMs : 0 }]
      : [],
  );
}
