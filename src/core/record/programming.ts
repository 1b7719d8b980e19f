/**
 * The keys of a visit under way: what is taken down as they are pressed on the bike. They are the technician's word and
 * make the record.
 */
import { isShown, linesOf, shows, type DisplayProfile, type MenuState, type Screen } from "../display";
import { canBeLookedAt, readIn, type Told } from "../programming";
import { asSealed, foundRawsOf, knownRaws, lastSheet } from "./columns";
import { withEvent, type Job, type Keys } from "./job";
import type { KeyTask } from "./keyTask";
import { sealOnto } from "./sealing";
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
export function takeTold(job: Job, { state, read, doubtful, notice, events }: Told, at: string): Job {
  const advancedJob = advanceProgram(withDoubts(job, doubtful), state, at);
  const known = read ? takeReading(advancedJob, read.line, read.raw) : advancedJob;
  const kept = notice && { ...notice, lines: [...notice.lines] };
  const noticed: Job = known.program ? { ...known, program: { ...known.program, notice: kept } } : known;
  return events.reduce((now, { kind, detail }) => withEvent(now, at, kind, detail), noticed);
}

/** Lines a slip may have changed are lines nobody knows any more: the card stops at each that can be looked at. */
function withDoubts(job: Job, doubtful: readonly number[]): Job {
  const { program, profile } = job;
  if (!program || !profile || doubtful.length === 0) return job;
  const looked = canBeLookedAt(profile, doubtful, program.targets);
  return { ...job, program: { ...program, unread: [...new Set([...program.unread, ...looked])] } };
}

/** Whether it was known what a line holds when the keys began: as found, or as last left. */
export const isKnownBefore = (job: Job, line: number): boolean => (knownRaws(job)[line] ?? null) !== null;

/**
 * Takes down what a line shows that nobody had read before programming began: it becomes the line's as-found value, and
 * whatever rests on it is worked out anew. A line with no proposal of its own keeps what it shows. Of a line that was
 * known, and that a slip may have changed, only what it shows now is taken down.
 */
export function takeReading(job: Job, line: number, raw: number): Job {
  const { program, profile } = job;
  const code = profile ? linesOf(profile)[line] : undefined;
  if (!program || !profile || !code || !program.unread.includes(line)) return job;
  const unread = program.unread.filter((other) => other !== line);
  if (isKnownBefore(job, line))
    return { ...job, program: { ...program, state: keptState(readIn(profile, program.state, line, raw)), unread } };
  // Nor is what was once found written over, though a slip may have changed it since.
  const isFound = (foundRawsOf(job)[line] ?? null) !== null;
  const shown = isFound ? job.asFound.shown : { ...job.asFound.shown, [code.code]: shows(code.encoding, raw) };
  const { state } = program;
  const asRead: MenuState = {
    ...state,
    saved: state.saved.with(line, raw),
    pending: state.pending.with(line, raw),
    inForce: state.inForce.with(line, raw),
  };
  const held = job.held && { ...job.held, [code.code]: raw };
  const known: Job = { ...job, held, asFound: { ...job.asFound, shown } };
  // Planned with the facts of the seal: what was typed since is another plan.
  const { sheet } = workOut({ ...asSealed(known), program: null });
  const targets = program.targets.map((target, i) => sheet?.target.raws[i] ?? (i === line ? raw : target));
  return { ...known, program: { ...program, state: keptState(asRead), targets, unread } };
}
