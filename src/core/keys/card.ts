/**
 * The key card: a plan cut into steps a technician can hold in mind, each one line of the menu or one chord, with what
 * the display shows before and must show after, and a way back from whatever it shows instead.
 */
import {
  dangerOf,
  elapse,
  lineAt,
  ruleActs,
  sameView,
  viewOf,
  type DisplayProfile,
  type MenuState,
  type View,
  savesIdle,
} from "../display";
import type { PlannedStroke } from "./goal";
import { runsInTime, sameStroke, USUAL_PACE, type Pace } from "./pace";
import { play, ruleStroke, strokeMs, waitForClose, type Stroke } from "./strokes";

/** Equal strokes in a row, as they are read aloud: "plus, three taps". */
export interface StrokeRun {
  readonly stroke: Stroke;
  readonly count: number;
  /** What the display shows after each stroke of the run. */
  readonly views: readonly View[];
}

export type CardStepKind =
  "switch-on" | "open" | "code" | "go" | "line" | "save" | "leave" | "power-cycle" | "wait" | "procedure";

export interface CardStep {
  readonly kind: CardStepKind;
  /** Menu line the step is about, or null for chords and ways. */
  readonly line: number | null;
  /** Name of the page gone into, for a "go" step. */
  readonly page: string | null;
  readonly runs: readonly StrokeRun[];
  readonly before: MenuState;
  readonly after: MenuState;
  readonly ms: number;
}

const isChange = ({ before, after }: PlannedStroke): boolean =>
  before.screen.kind === "menu" &&
  after.screen.kind === "menu" &&
  before.screen.page === after.screen.page &&
  before.screen.at === after.screen.at;

/** Keys held outside the menu that set a line; what an action does is none of them. */
const isProcedure = (before: MenuState, after: MenuState): boolean =>
  (before.screen.kind === "home" || before.screen.kind === "off") &&
  after.done === before.done &&
  after.saved.some((raw, i) => raw !== before.saved[i]);

const kindOf = ({ before, after, stroke }: PlannedStroke): CardStepKind => {
  if (before.screen.kind === "menu" && after.screen.kind === "menu")
    return before.screen.page === after.screen.page ? "line" : "go";
  if (isProcedure(before, after)) return "procedure";
  if (before.screen.kind === "code" && after.screen.kind !== "home") return "code";
  if (after.screen.kind === "menu" || after.screen.kind === "code") return stroke.kind === "wait" ? "wait" : "open";
  if (before.screen.kind === "off") return "switch-on";
  if (after.screen.kind === "off") return "power-cycle";
  if (stroke.kind === "wait") return "wait";
  return after.saved === before.pending || before.saved === before.pending ? "save" : "leave";
};

/** Strokes run past on the way to one line in a single step; more would outrun the eye. */
const MOST_STROKES_A_STEP = 24;
/**
 * Cuts a plan into steps: going to a line and setting it is one, going into a page is one, a chord is one, off and on
 * again is one. No step has more runs of strokes than this person can read before the menu closes.
 * @param stopAt lines to be read on the way, by index: a step ends there before anything is changed
 */
export function cardSteps(
  profile: DisplayProfile,
  strokes: readonly PlannedStroke[],
  stopAt: readonly number[] = [],
  pace: Pace = USUAL_PACE,
): readonly CardStep[] {
  const stopsHere = (planned: PlannedStroke): boolean =>
    !isChange(planned) && stopAt.includes(lineAt(profile, planned.after));
  const mostRuns = runsInTime(profile.menu.idle.closesAfterMs, pace);
  const groups: { kind: CardStepKind; strokes: PlannedStroke[]; runs: number }[] = [];
  for (const planned of strokes) {
    const kind = kindOf(planned);
    const group = groups[groups.length - 1];
    const last = group?.strokes[group.strokes.length - 1];
    const startsRun = !last || !sameStroke(last.stroke, planned.stroke);
    const fits =
      group !== undefined && group.strokes.length < MOST_STROKES_A_STEP && group.runs + (startsRun ? 1 : 0) <= mostRuns;
    const inMenu =
      group?.kind === "line" &&
      (kind === "line" || kind === "go") &&
      last !== undefined &&
      !stopsHere(last) &&
      !(isChange(last) && !isChange(planned));
    const joins =
      group &&
      last &&
      fits &&
      (inMenu ||
        (kind === "code" && group.kind === "code") ||
        ((kind === "switch-on" || kind === "procedure") && group.kind === "power-cycle"));
    if (joins) {
      group.strokes.push(planned);
      group.runs += startsRun ? 1 : 0;
      if (kind === "go" || kind === "procedure") group.kind = kind;
    } else groups.push({ kind, strokes: [planned], runs: 1 });
  }
  return groups.flatMap(({ kind, strokes: members }) => {
    const first = members[0];
    const last = members[members.length - 1];
    if (!first || !last) return [];
    const line = lineAt(profile, last.after);
    const { screen } = last.after;
    return [
      {
        kind,
        line: kind === "line" && line >= 0 ? line : null,
        page: kind === "go" && screen.kind === "menu" ? (profile.menu.pages[screen.page]?.name ?? null) : null,
        runs: runsOf(profile, members),
        before: first.before,
        after: last.after,
        ms: members.reduce((sum, { stroke }) => sum + strokeMs(stroke), 0),
      },
    ];
  });
}

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
  readonly how:
    "one-too-few" | "one-too-many" | "other-key" | "menu-closed" | "saved-already" | "nothing-yet" | "too-late";
}

/**
 * What the display most likely shows when a step went wrong, likeliest first: a tap too few or too many, another key,
 * the menu closed by itself, nothing pressed yet. Each comes with the full state to go on planning from.
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
  if (last)
    add(
      "one-too-few",
      last.kind === "repeat" ? play(profile, allButLast, { ...last, steps: last.steps - 1 }) : allButLast,
    );
  if (last?.kind === "tap" || last?.kind === "repeat")
    add("one-too-many", play(profile, step.after, { kind: "tap", keys: last.keys }));
  if (step.before.screen.kind === "menu") add("menu-closed", play(profile, step.before, waitForClose(profile)));
  if (step.after.screen.kind === "menu") add("menu-closed", play(profile, step.after, waitForClose(profile)));
  for (const rule of profile.rules)
    if (
      rule.gesture.kind === "tap" &&
      dangerOf(rule.does) === null &&
      ruleActs(profile, rule, step.after, step.after.sincePowerOnMs)
    )
      add("other-key", play(profile, step.after, ruleStroke(profile, step.after, rule)));
  add("nothing-yet", step.before);
  return slips;
}

/** Lines whose pending value the memory does not hold, by index: what a closing menu would throw away or has saved. */
export const unsavedLines = (state: MenuState): readonly number[] =>
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
