/**
 * The keys of a visit: what they start from, where they lead, and what is taken down on the way. On the bike they are the
 * technician's word and make the record; on the simulated display they are a rehearsal, and nothing of it counts.
 */
import {
  atHome,
  factoryRaws,
  isShown,
  lineAt,
  linesOf,
  shows,
  type DisplayProfile,
  type MenuState,
  type Screen,
} from "../display";
import {
  cardSteps,
  planKeys,
  strokeMs,
  walkTheLeaflet,
  pressCount,
  type CardStep,
  type KeyGoal,
  type KeyPlan,
} from "../keys";
import type { Raws } from "../setup";
import { asSealed, byCode, codedRaws, foundRawsOf, heldRaws, lastSheet, readBackRaws } from "./columns";
import { baselineOf, foundLines, isUnread } from "./found";
import { withEvent, type Job, type Keys } from "./job";
import { sealOnto } from "./sealing";
import { workOut, type Workings } from "./workings";

export interface KeyWork {
  readonly plan: KeyPlan;
  readonly steps: readonly CardStep[];
  readonly presses: number;
  readonly totalMs: number;
}

/** Plans the keys from a state and cuts the plan into steps. */
export function keyWork(profile: DisplayProfile, state: MenuState, goal: KeyGoal): KeyWork {
  const plan = planKeys(profile, state, goal);
  const strokes = plan.ok ? plan.strokes : [];
  return {
    plan,
    steps: cardSteps(profile, strokes, goal.look),
    presses: pressCount(strokes.map(({ stroke }) => stroke)),
    totalMs: plan.ok ? plan.totalMs : 0,
  };
}

/** Whether two states of a display are the same but for the time that has passed in them. */
export const samePlace = (a: MenuState, b: MenuState): boolean =>
  JSON.stringify([a.screen, a.saved, a.pending, a.inForce, a.lastAt, a.done]) ===
  JSON.stringify([b.screen, b.saved, b.pending, b.inForce, b.lastAt, b.done]);

/** What is left of a plan from a state on its way: no other plan is shorter from there. Null where it leads elsewhere. */
export function restOfPlan(
  profile: DisplayProfile,
  work: KeyWork,
  at: MenuState,
  look: readonly number[],
): KeyWork | null {
  if (!work.plan.ok) return null;
  const done = work.plan.strokes.findIndex(({ after }) => samePlace(after, at));
  if (done < 0) return null;
  const strokes = work.plan.strokes.slice(done + 1);
  const totalMs = strokes.reduce((sum, { stroke }) => sum + strokeMs(stroke), 0);
  return {
    plan: { ...work.plan, strokes, totalMs },
    steps: cardSteps(profile, strokes, look),
    presses: pressCount(strokes.map(({ stroke }) => stroke)),
    totalMs,
  };
}

/** Where keys would start and lead: what their plan rests on, and nothing else. */
export interface KeyTask {
  readonly start: MenuState;
  readonly targets: readonly number[];
  /** Lines nobody has read, which must be looked at on the way. */
  readonly unread: readonly number[];
}

export interface ProgramOutlook extends KeyWork, KeyTask {
  /** The same by walking the leaflet: every line in order, single taps. */
  readonly leafletPresses: number;
  readonly leafletMs: number;
}

/** What a job's keys would start from and lead to; null while there is no display, no baseline and no reason for lacking one. */
export function keyTask(
  job: Job,
  { sheet, baseline, presentRaws }: Pick<Workings, "sheet" | "baseline" | "presentRaws">,
): KeyTask | null {
  const { profile } = job;
  if (!profile || !sheet || baseline.kind === "missing") return null;
  // Out-of-box values are a guess until they are read; a display programmed before starts from what it was last known to hold.
  const known = job.held ? presentRaws : foundRawsOf(job);
  const start = atHome(profile, assumedRaws(profile, known));
  const targets = start.saved.map((raw, i) => sheet.targetRaws[i] ?? raw);
  // A line that only comes into the menu with the targets must be read on the way as well.
  const unread = known.flatMap((raw, i) => (raw === null && isShown(profile, i, targets) ? [i] : []));
  return { start, targets, unread };
}

/** Raw values to start planning from: as known, and the maker's where nobody has read the line. */
const assumedRaws = (profile: DisplayProfile, known: Raws): readonly number[] =>
  factoryRaws(profile).map((raw, i) => known[i] ?? raw);

/** The whole of what a task comes to in keys. */
export function outlookOfTask(profile: DisplayProfile, { start, targets, unread }: KeyTask): ProgramOutlook {
  const walk = walkTheLeaflet(profile, start, targets);
  return {
    ...keyWork(profile, start, { targets, look: unread }),
    leafletPresses: pressCount(walk.strokes),
    leafletMs: walk.strokes.reduce((sum, stroke) => sum + strokeMs(stroke), 0),
    targets,
    unread,
    start,
  };
}

/** The key plan a job would start with, or null while there is no display, no baseline and no reason for lacking one. */
export function programOutlook(job: Job, workings: Workings): ProgramOutlook | null {
  const task = keyTask(job, workings);
  return job.profile && task ? outlookOfTask(job.profile, task) : null;
}

/** The way back to how the display was found: where it starts and what it leads to; null where that was never written down. */
export function wayBackTask(job: Job): { readonly state: MenuState; readonly goal: KeyGoal } | null {
  const { profile, program } = job;
  if (!profile || !program || foundLines(job).some(isUnread)) return null;
  const found = foundRawsOf(job);
  const held = heldRaws(job).map((raw, i) => raw ?? program.targets[i] ?? 0);
  return { state: atHome(profile, held), goal: { targets: found.map((raw, i) => raw ?? held[i] ?? 0) } };
}

/** The keys that bring a programmed display back to how it was found; null where that was never written down. */
export function wayBack(job: Job): KeyWork | null {
  const task = wayBackTask(job);
  return job.profile && task ? keyWork(job.profile, task.state, task.goal) : null;
}

/** The keys that bring every line up on the display once, from a state. */
export function readingTour(profile: DisplayProfile, state: MenuState, lines: readonly number[]): KeyWork {
  return keyWork(profile, state, { targets: state.saved, look: lines, end: "anywhere" });
}

// ── keys under way ──────────────────────────────────────────────────────────────────────────────────────────────────

const keptScreen = (screen: Screen): Keys["state"]["screen"] =>
  screen.kind === "code" ? { ...screen, digits: [...screen.digits] } : screen;

/** A machine state at rest, as a job keeps it: no key down, and no PIN. */
export const keptState = ({ screen, ...state }: MenuState): Keys["state"] => ({
  ...state,
  screen: keptScreen(screen),
  saved: [...state.saved],
  pending: [...state.pending],
  inForce: [...state.inForce],
  lastAt: [...state.lastAt],
  done: [...state.done],
  held: null,
  tapped: null,
  pin: null,
});

const keysFrom = ({ start, targets, unread }: KeyTask): Keys => ({
  state: keptState(start),
  targets: [...targets],
  unread: [...unread],
  done: false,
  notice: null,
});

/** Whether keys have come to their end: home, saved, in force, everything unread seen. */
function isReached(profile: DisplayProfile, { state, targets, unread }: Keys): boolean {
  const counts = (i: number): boolean => isShown(profile, i, targets);
  return (
    state.screen.kind === "home" &&
    unread.length === 0 &&
    targets.every((raw, i) => !counts(i) || (state.saved[i] === raw && state.inForce[i] === raw))
  );
}

const advanced = (profile: DisplayProfile, keys: Keys, state: MenuState): Keys => {
  const next: Keys = { ...keys, state: keptState(state) };
  return isReached(profile, next) ? { ...next, done: true, notice: null } : next;
};

/** Starts programming: seals the as-found and the target sheet and puts the display at its home screen. */
export function startProgram(job: Job, at: string): Job {
  // A second press of the same button seals nothing twice.
  if (job.program || !job.profile) return job;
  const task = keyTask(job, workOut(job));
  if (!task) return job;
  const withBaseline = job.held ? job : sealedBaseline(job, at);
  const planned = withEvent(sealOnto(withBaseline, "target", task.targets, at, ""), at, "plan-sealed");
  const program = keysFrom(task);
  // Nothing to change is done as soon as it is sealed.
  return advanceProgram({ ...planned, program, rehearsal: null }, program.state, at);
}

function sealedBaseline(job: Job, at: string): Job {
  const baseline = baselineOf(job);
  const found = foundLines(job).map((line) => line.raw);
  if (baseline.kind !== "waived") return withEvent(sealOnto(job, "as-found", found, at, ""), at, "baseline-kept");
  const note = `No full baseline: ${baseline.reason}`;
  return withEvent(sealOnto(job, "as-found", found, at, note), at, "baseline-waived", baseline.reason);
}

/** Takes a new machine state into the program, and notices the end. */
export function advanceProgram(job: Job, state: MenuState, at: string): Job {
  const { program, profile } = job;
  if (!program || !profile) return job;
  const next = advanced(profile, program, state);
  const kept: Job = { ...job, updatedAt: at, program: next };
  if (!next.done || program.done) return kept;
  // Lines read on the way were planned on the way: what was really headed for is sealed too.
  const sealed = lastSheet(job, "target")?.lines.map(({ raw }) => raw) ?? [];
  const moved = next.targets.some((raw, i) => sealed[i] !== raw);
  const settled = moved ? sealOnto(kept, "target", next.targets, at, "With the lines read on the way.") : kept;
  return withEvent(settled, at, "programmed", "keys of the bike, as told");
}

/**
 * Takes down what a line shows that nobody had read before programming began: it becomes the line's as-found value, and
 * whatever rests on it is worked out anew. A line with no proposal of its own keeps what it shows.
 */
export function takeReading(job: Job, line: number, raw: number): Job {
  const { program, profile } = job;
  const code = profile ? linesOf(profile)[line] : undefined;
  if (!program || !profile || !code || !program.unread.includes(line)) return job;
  const shown = { ...job.asFound.shown, [code.code]: shows(code.encoding, raw) };
  const { state } = program;
  const asRead: MenuState = {
    ...state,
    saved: state.saved.with(line, raw),
    pending: state.pending.with(line, raw),
    inForce: state.inForce.with(line, raw),
  };
  const unread = program.unread.filter((other) => other !== line);
  const held = job.held && { ...job.held, [code.code]: raw };
  const known: Job = { ...job, held, asFound: { ...job.asFound, shown } };
  // Planned with the facts of the seal: what was typed since is another plan.
  const { sheet } = workOut({ ...asSealed(known), program: null });
  const targets = program.targets.map((target, i) => sheet?.targetRaws[i] ?? (i === line ? raw : target));
  return { ...known, program: { ...program, state: keptState(asRead), targets, unread } };
}

/**
 * Ends the keys under way, to plan anew: from what was last read where the display was read back, else from what was keyed
 * in. Nothing read is forgotten: a read-back is sealed before it makes room for the next. `at` is an ISO timestamp.
 */
export function setKeysAside(job: Job, at: string, why: string): Job {
  const { profile, program } = job;
  if (!profile || !program) return job;
  const opened = job.handedOverAt === null ? job : reopen(job, at);
  const read = readBackRaws(opened);
  const isRead = read.some((raw) => raw !== null);
  const kept = isRead ? withEvent(sealOnto(opened, "read-back", read, at, why), at, "read-back", why) : opened;
  const untouched = !program.done && !isRead && sameRaws(program.state.saved, startOf(job, profile));
  // The old display's as-found sheet stays sealed; with no key pressed yet it may still be mended and sealed anew.
  const saved = program.state.saved.map((raw, i) => (program.unread.includes(i) ? null : raw));
  const held = untouched
    ? job.held
    : codedRaws(
        profile,
        saved.map((raw, i) => read[i] ?? raw),
      );
  return withEvent({ ...kept, held, program: null, rehearsal: null, readBack: {} }, at, "set-aside", why);
}

const sameRaws = (a: readonly number[], b: readonly number[]): boolean => a.every((raw, i) => raw === b[i]);

/** What the keys under way started from. */
const startOf = (job: Job, profile: DisplayProfile): readonly number[] =>
  assumedRaws(profile, job.held ? byCode(profile, job.held) : foundRawsOf(job));

// ── rehearsal ───────────────────────────────────────────────────────────────────────────────────────────────────────

/** Begins a rehearsal on the simulated display, from where the bike's display stands. Nothing is sealed. */
export function startRehearsal(job: Job): Job {
  const { profile, program } = job;
  if (!profile) return job;
  if (program) return { ...job, rehearsal: { ...program, state: { ...program.state }, done: false, notice: null } };
  const task = keyTask(job, workOut(job));
  return task ? { ...job, rehearsal: keysFrom(task) } : job;
}

/** Takes a new state of the simulated display into the rehearsal, and notices the end. A line passed is a line seen. */
export function advanceRehearsal(job: Job, state: MenuState, at: string): Job {
  const { rehearsal, profile } = job;
  if (!rehearsal || !profile) return job;
  const seen = lineAt(profile, state);
  const unread = rehearsal.unread.filter((line) => line !== seen);
  const next = advanced(profile, { ...rehearsal, unread }, state);
  const kept: Job = { ...job, updatedAt: at, rehearsal: next };
  return next.done && !rehearsal.done ? withEvent(kept, at, "rehearsed", "keys of the simulated display") : kept;
}

export const endRehearsal = (job: Job): Job => (job.rehearsal ? { ...job, rehearsal: null } : job);

// ── handing over ────────────────────────────────────────────────────────────────────────────────────────────────────

/** Hands the bike over: seals what was read back as the as-left sheet. Handing over twice seals once. */
export function handOver(job: Job, at: string): Job {
  if (job.handedOverAt !== null || !job.profile) return job;
  const left: Raws = workOut(job).readBack.map((verdict) => ("raw" in verdict ? verdict.raw : null));
  return {
    ...withEvent(sealOnto(job, "as-left", left, at, job.handOverNote), at, "handed-over"),
    handedOverAt: at,
    onTheStand: false,
  };
}

/** Takes a bike back onto the stand. What was sealed when it left stays sealed. */
export const reopen = (job: Job, at: string): Job =>
  job.handedOverAt === null ? job : withEvent({ ...job, handedOverAt: null, onTheStand: true }, at, "reopened");
