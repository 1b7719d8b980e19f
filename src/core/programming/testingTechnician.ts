/**
 * A technician by script, for the bench and the tests: reads, presses, slips now and then, looks, and says what shows.
 * The same person works by the key card and by the leaflet; the display is a machine of its own, which alone tells what
 * was saved in the end.
 */
import { layoutOf, LONG_ON_MS, sameView, viewOf, type DisplayProfile, type MenuState } from "../display";
import {
  allOf,
  cardSteps,
  chordWindowOf,
  likelySlips,
  personMs,
  personTime,
  planKeys,
  play,
  stateFromShown,
  waitForClose,
  walkTheLeaflet,
  type CardStep,
  type KeyGoal,
  type Pace,
  type PersonTime,
  type Shown,
  type Slip,
  type Stroke,
} from "../keys";
import { lostTurn } from "./lost";
import { canBeLookedAt, isLost, readingOf, readIn, sessionAt, turn, type KeyEvent } from "./session";

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
  /** The same of lines no menu shows: whether keys held at home were taken, nobody can see. */
  readonly unseenWrong: number;
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

/** What a display shows that stands elsewhere, as it can be picked; null on screens that cannot. */
function shownBy(profile: DisplayProfile, { screen, pending }: MenuState): Shown | null {
  switch (screen.kind) {
    case "off":
      return { kind: "off" };
    case "home":
      return { kind: "home", saved: false };
    case "menu": {
      const line = layoutOf(profile).pages[screen.page]?.entries[screen.at]?.line ?? -1;
      return line < 0
        ? { kind: "entry", page: screen.page, at: screen.at }
        : { kind: "line", line, raw: screen.draft ?? pending[line] ?? 0, blinks: screen.draft !== null };
    }
    default:
      return null;
  }
}

/** What is said where the display shows something else: one of the likely slips, or what was picked by hand. */
function toldOf(
  profile: DisplayProfile,
  step: CardStep,
  tracked: MenuState,
  real: MenuState,
): Pick<Slip, "state" | "how"> {
  const view = viewOf(profile, real);
  const slip = likelySlips(profile, step).find((each) => sameView(each.view, view));
  const shown = shownBy(profile, real);
  // A chord that had to come soon after power-on is too late by now.
  if (real.screen.kind === "home" && chordWindowOf(profile, step))
    return { state: { ...tracked, sincePowerOnMs: LONG_ON_MS }, how: "too-late" };
  if (slip) return slip;
  if (!shown) throw new Error(`nobody can say that it shows ${view.kind}`);
  const state = stateFromShown(profile, tracked, shown);
  return { state, how: "other-key" };
}

/** A display as it stands, and what its lines are to hold. */
export interface KeyJob {
  readonly profile: DisplayProfile;
  readonly start: MenuState;
  readonly targets: readonly number[];
}

/** Lines that hold another value than after the same keys without a slip. */
function wrongLines({ profile, start, targets }: KeyJob, end: MenuState): Omit<Outcome, "time" | "slipped"> {
  const plan = planKeys(profile, start, { targets });
  const aimed = plan.ok ? plan.end.inForce : targets;
  const wrong = end.inForce.flatMap((raw, i) => (raw === aimed[i] ? [] : [i]));
  const seen = wrong.filter((line) => layoutOf(profile).placeOfLine[line]);
  return { savedWrong: seen.length, unseenWrong: wrong.length - seen.length };
}

/** For whom the card's keys are planned: least time with the person at them, or least time of the keys alone. */
export type PlannedFor = "person" | "keys";

/** The steps of the card from a state: of both plans the one that takes the person less, or that of the keys alone. */
function stepsFrom(
  { profile, targets }: KeyJob,
  state: MenuState,
  look: readonly number[],
  pace: Pace,
  plannedFor: PlannedFor,
): readonly CardStep[] {
  const stepsOf = (goal: Pick<KeyGoal, "pace">): readonly CardStep[] => {
    const plan = planKeys(profile, state, { targets, look, ...goal });
    return plan.ok ? cardSteps(profile, plan.strokes, look, pace) : [];
  };
  const byKeys = stepsOf({});
  if (plannedFor === "keys") return byKeys;
  const withPerson = stepsOf({ pace });
  return personMs(withPerson, pace) < personMs(byKeys, pace) ? withPerson : byKeys;
}

/** The whole programming by the key card. */
export function byTheCard(
  job: KeyJob,
  hand: Technician,
  random: () => number,
  plannedFor: PlannedFor = "person",
): Outcome {
  const { profile, start, targets } = job;
  let [session, real, time, slipped] = [sessionAt(start), start, NO_TIME, 0];
  let unread: readonly number[] = [];
  let steps: readonly CardStep[] | null = null;
  const say = (event: KeyEvent, step: CardStep | null): void => {
    const at = { profile, unread, step, nowMs: allOf(time) };
    const { session: next, told } = isLost(event) ? lostTurn(session, event, at) : turn(session, event, at);
    session = next;
    const settled = unread.filter((line) => line !== told?.read?.line);
    unread = [...new Set([...settled, ...canBeLookedAt(profile, told?.doubtful ?? [], targets)])];
  };
  for (let turns = 0; turns < MOST_TURNS; turns++) {
    const reading = readingOf(profile, session, unread);
    if (reading) {
      const shown = shownBy(profile, real);
      const raw = shown?.kind === "line" ? shown.raw : reading.suggested;
      time = added(time, { ...NO_TIME, lookingMs: hand.pace.lookMs, answeringMs: hand.pace.answerMs });
      say({ kind: "read", raw }, null);
      session = { ...session, state: readIn(profile, session.state, reading.line, raw) };
      steps = null;
    }
    steps ??= stepsFrom(job, session.state, unread, hand.pace, plannedFor);
    const [step, ...rest] = steps;
    if (!step) break;
    time = added(time, personTime([step], hand.pace));
    const done = pressed(profile, real, step.runs, hand, random);
    real = done.state;
    slipped += done.slipped;
    if (sameView(viewOf(profile, real), viewOf(profile, step.after))) {
      say({ kind: "done" }, step);
      steps = rest;
      continue;
    }
    // It shows something else: said, and the card goes on from there. What cannot be said is left until it closes.
    const { closesAfterMs } = profile.menu.idle;
    if (!shownBy(profile, real) && !isLikely(profile, step, real)) {
      real = play(profile, real, waitForClose(profile));
      time = added(time, { ...NO_TIME, keysMs: closesAfterMs });
    }
    time = added(time, { ...NO_TIME, answeringMs: hand.pace.answerMs });
    say({ kind: "shows-other", slip: toldOf(profile, step, session.state, real) }, step);
    steps = null;
  }
  return { time, slipped, ...wrongLines(job, real) };
}

const isLikely = (profile: DisplayProfile, step: CardStep, real: MenuState): boolean =>
  likelySlips(profile, step).some(({ view }) => sameView(view, viewOf(profile, real)));

/**
 * The same by the leaflet: each line looked up, gone to, changed by single taps and looked at. A slip is seen there and
 * made good at once, which takes reading, a tap and looking once more.
 */
export function byTheLeaflet(job: KeyJob, hand: Technician, random: () => number): Outcome {
  const walk = walkTheLeaflet(job.profile, job.start, job.targets);
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
  return { time, slipped, ...wrongLines(job, walk.end) };
}
