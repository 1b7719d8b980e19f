/**
 * A technician by script, for the bench and the tests: reads, presses, slips now and then, looks, and says what shows.
 * The same person works by the key card and by the leaflet; the display is a machine of its own, which alone tells what
 * was saved in the end.
 */
import { sameView, viewOf, type DisplayProfile, type MenuState } from "../display";
import {
  cardSteps,
  likelySlips,
  personTime,
  planKeys,
  play,
  stateFromShown,
  walkTheLeaflet,
  type CardStep,
  type Pace,
  type PersonTime,
  type Stroke,
} from "../keys";

export interface Technician {
  readonly name: string;
  readonly pace: Pace;
  /** How often a run of keys goes wrong: 0 to 1. */
  readonly slips: number;
}

export interface Outcome {
  readonly time: PersonTime;
  /** Slips of the hand that the display took. */
  readonly slipped: number;
  /** Lines that hold another value in the end than they were to. */
  readonly savedWrong: number;
}

/** More turns than any programming takes: past them nobody gets there. */
const MOST_TURNS = 400;

const NO_TIME: PersonTime = { keysMs: 0, lookingMs: 0, answeringMs: 0 };
const added = (a: PersonTime, b: PersonTime): PersonTime => ({
  keysMs: a.keysMs + b.keysMs,
  lookingMs: a.lookingMs + b.lookingMs,
  answeringMs: a.answeringMs + b.answeringMs,
});

interface Run {
  readonly stroke: Stroke;
  readonly count: number;
}

/** A run as it comes out of a hand that slips: a tap too many or too few, a hold let go too soon. */
function slippedRun({ stroke, count }: Run, random: () => number): Run | null {
  switch (stroke.kind) {
    case "tap":
      return { stroke, count: Math.max(0, count + (random() < 0.5 ? 1 : -1)) };
    case "repeat":
      return { stroke: { ...stroke, steps: Math.max(1, stroke.steps + (random() < 0.5 ? 1 : -1)) }, count };
    case "hold":
    case "keep-holding":
    case "double-tap":
      return { stroke, count: 0 };
    case "wait":
      return null;
  }
}

/** Runs pressed on the machine, now and then one of them wrong. */
export const pressedForTest = (...a: Parameters<typeof pressed>) => pressed(...a);
function pressed(
  profile: DisplayProfile,
  from: MenuState,
  runs: readonly Run[],
  hand: Technician,
  random: () => number,
) {
  let state = from;
  let slipped = 0;
  for (const run of runs) {
    const wrong = random() < hand.slips ? slippedRun(run, random) : null;
    if (wrong) slipped += 1;
    const { stroke, count } = wrong ?? run;
    for (let i = 0; i < count; i++) state = play(profile, state, stroke);
  }
  return { state, slipped };
}

/** Where the card goes on from when the display shows this: one of the likely slips, or what was picked by hand. */
export const toldStateForTest = (...a: Parameters<typeof toldState>) => toldState(...a);
function toldState(profile: DisplayProfile, step: CardStep, tracked: MenuState, real: MenuState): MenuState {
  const view = viewOf(profile, real);
  const slip = likelySlips(profile, step).find((each) => sameView(each.view, view));
  if (slip) return slip.state;
  if (view.kind === "line" && real.screen.kind === "menu")
    return stateFromShown(profile, tracked, {
      kind: "line",
      line: view.line,
      raw: real.screen.draft ?? real.pending[view.line] ?? 0,
      blinks: view.blinks,
    });
  if (real.screen.kind === "menu")
    return stateFromShown(profile, tracked, { kind: "entry", page: real.screen.page, at: real.screen.at });
  return stateFromShown(
    profile,
    tracked,
    real.screen.kind === "off" ? { kind: "off" } : { kind: "home", saved: false },
  );
}

/** Lines that hold another value than after the same keys without a slip. */
function wrongLines(profile: DisplayProfile, start: MenuState, targets: readonly number[], end: MenuState): number {
  const plan = planKeys(profile, start, { targets });
  const aimed = plan.ok ? plan.end.inForce : targets;
  return end.inForce.filter((raw, i) => raw !== aimed[i]).length;
}

/** The whole programming by the key card. */
export function byTheCard(
  profile: DisplayProfile,
  start: MenuState,
  targets: readonly number[],
  hand: Technician,
  random: () => number,
): Outcome {
  let [tracked, real, time, slipped] = [start, start, NO_TIME, 0];
  let steps: readonly CardStep[] = [];
  const stepsFrom = (state: MenuState): readonly CardStep[] => {
    const plan = planKeys(profile, state, { targets, pace: hand.pace });
    return plan.ok ? cardSteps(profile, plan.strokes, [], hand.pace) : [];
  };
  steps = stepsFrom(tracked);
  for (let turn = 0; turn < MOST_TURNS; turn++) {
    const [step, ...rest] = steps;
    if (!step) break;
    time = added(time, personTime([step], hand.pace));
    const done = pressed(profile, real, step.runs, hand, random);
    real = done.state;
    slipped += done.slipped;
    if (sameView(viewOf(profile, real), viewOf(profile, step.after))) {
      tracked = step.after;
      steps = rest;
      continue;
    }
    // It shows something else: said, and the card goes on from there.
    time = added(time, { ...NO_TIME, answeringMs: hand.pace.answerMs });
    tracked = toldState(profile, step, tracked, real);
    steps = stepsFrom(tracked);
  }
  return { time, slipped, savedWrong: wrongLines(profile, start, targets, real) };
}

/**
 * The same by the leaflet: each line looked up, gone to, changed by single taps and looked at. A slip is seen there and
 * made good at once, which takes reading, a tap and looking once more.
 */
export function byTheLeaflet(
  profile: DisplayProfile,
  start: MenuState,
  targets: readonly number[],
  hand: Technician,
  random: () => number,
): Outcome {
  const walk = walkTheLeaflet(profile, start, targets);
  // Looking each line up in the leaflet, beside reading its keys off it.
  const lookUps = { ...NO_TIME, lookingMs: walk.steps.length * hand.pace.lookMs };
  let time = added(personTime(walk.steps, hand.pace), lookUps);
  let slipped = 0;
  for (const { runs } of walk.steps)
    for (const run of runs) {
      if (random() >= hand.slips || !slippedRun(run, random)) continue;
      slipped += 1;
      time = added(time, personTime([{ runs: [{ stroke: run.stroke, count: 1 }] }], hand.pace));
    }
  return { time, slipped, savedWrong: wrongLines(profile, start, targets, walk.end) };
}
