/**
 * The keys of a visit under way: what is taken down as they are pressed on the bike. They are the technician's word and
 * make the record.
 */
import { isShown, linesOf, shows, type DisplayProfile, type MenuState, type Screen } from "../display";
import type { Told } from "../programming";
import { asSealed, byCode, codedRaws, foundRawsOf, lastSheet, readBackRaws } from "./columns";
import { baselineOf, foundLines } from "./found";
import { reopen } from "./reopening";
import { withEvent, type Job, type Keys } from "./job";
import { assumedRaws, keyTask, type KeyTask } from "./keyTask";
import { sealOnto } from "./sealing";
import { own } from "../units/limits";
import { workOut } from "./workings";

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

export const keysFrom = ({ start, targets, unread }: KeyTask): Keys => ({
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
    targets.every((raw, i) => raw === null || !counts(i) || (state.saved[i] === raw && state.inForce[i] === raw))
  );
}

export const advanced = (profile: DisplayProfile, keys: Keys, state: MenuState): Keys => {
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
  const readBack = stillRead(job, job.profile, task.targets);
  return advanceProgram({ ...planned, program, rehearsal: null, readBack }, program.state, at);
}

/** What was read back and is to stay so: a line headed elsewhere is read again; what is no reading stays typed. */
function stillRead(job: Job, profile: DisplayProfile, targets: readonly (number | null)[]): Job["readBack"] {
  const read = readBackRaws(job);
  return Object.fromEntries(
    linesOf(profile).flatMap(({ code }, i) => {
      const typed = own(job.readBack, code);
      const raw = read[i] ?? null;
      return typed === undefined || (raw !== null && raw !== targets[i]) ? [] : [[code, typed]];
    }),
  );
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

/** Takes down what was told of the bike's display: where it stands, what was read, what went off the plan. */
export function takeTold(job: Job, { state, read, notice, events }: Told, at: string): Job {
  const advancedJob = advanceProgram(job, state, at);
  const known = read ? takeReading(advancedJob, read.line, read.raw) : advancedJob;
  const kept = notice && { ...notice, lines: [...notice.lines] };
  const noticed: Job = known.program ? { ...known, program: { ...known.program, notice: kept } } : known;
  return events.reduce((now, { kind, detail }) => withEvent(now, at, kind, detail), noticed);
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
  const targets = program.targets.map((target, i) => sheet?.target.raws[i] ?? (i === line ? raw : target));
  return { ...known, program: { ...program, state: keptState(asRead), targets, unread } };
}

/**
 * Ends the keys under way, to plan anew: from what was last read where the display was read back, else from what was
 * keyed in. Nothing read is forgotten: a read-back is sealed before it makes room for the next. `at` is an ISO
 * timestamp.
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
  // What was read off the display still stands for every line the next keys leave alone.
  const readBack = program.done ? kept.readBack : {};
  return withEvent({ ...kept, held, program: null, rehearsal: null, readBack }, at, "set-aside", why);
}

const sameRaws = (a: readonly number[], b: readonly number[]): boolean => a.every((raw, i) => raw === b[i]);

/** What the keys under way started from. */
const startOf = (job: Job, profile: DisplayProfile): readonly number[] =>
  assumedRaws(profile, job.held ? byCode(profile, job.held) : foundRawsOf(job));
