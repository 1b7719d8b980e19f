/**
 * The key card: a plan cut into steps a technician can hold in mind, each one line of the menu or one chord, with what
 * the display shows before and must show after, and a way back from whatever it shows instead.
 */
import { lineAt, viewOf, type DisplayProfile, type MenuState, type View } from "../display";
import type { PlannedStroke } from "./goal";
import { runsInTime, sameStroke, USUAL_PACE, type Pace } from "./pace";
import { strokeMs, type Stroke } from "./strokes";

/** Equal strokes in a row, as they are read aloud: "plus, three taps". */
export interface StrokeRun {
  readonly stroke: Stroke;
  readonly count: number;
  /** What the display shows after each stroke of the run. */
  readonly views: readonly View[];
}

export type CardStepKind =
  "switch-off" | "switch-on" | "open" | "code" | "go" | "line" | "save" | "leave" | "wait" | "procedure";

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
  if (after.screen.kind === "off") return "switch-off";
  if (stroke.kind === "wait") return "wait";
  return after.saved === before.pending || before.saved === before.pending ? "save" : "leave";
};

/** Strokes run past on the way to one line in a single step; more would outrun the eye. */
const MOST_STROKES_A_STEP = 24;

/**
 * Cuts a plan into steps: going to a line and setting it is one, going into a page is one, a chord is one. Off is one
 * and on again another: only the dark display tells that it was off. No step has more runs of strokes than this person
 * can read before the menu closes.
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
    const joins = group && last && fits && (inMenu || (kind === "code" && group.kind === "code"));
    if (joins) {
      group.strokes.push(planned);
      group.runs += startsRun ? 1 : 0;
      if (kind === "go") group.kind = kind;
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

/** Whether what the display has saved is in force after a step: it comes with the step, is already, or still waits. */
export function forceAfter({ before, after }: CardStep): "comes" | "is" | "waits" {
  const isLike = (raws: readonly number[]) => after.inForce.every((raw, i) => raw === raws[i]);
  if (!isLike(after.saved)) return "waits";
  return isLike(before.inForce) ? "is" : "comes";
}
