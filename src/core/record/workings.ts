/**
 * What follows from a job: the bike read from its intake, the raw values known at each stage, the sheet, and how far each
 * stage has come. Screens ask here and hold no arithmetic of their own.
 */
import {
  atHome,
  factoryRaws,
  isShown,
  linesOf,
  readShown,
  shows,
  type DisplayProfile,
  type MenuState,
  type Screen,
  type ShownProblem,
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
import type { ClassChoice } from "../law";
import { dueChecks, readBack, verdictOn, type DueCheck, type ReadBackVerdict, type Verdict } from "../proof";
import {
  countSheet,
  decoded,
  fieldProblem,
  findingsOn,
  makeSheet,
  readIntake,
  speedometer,
  type Bike,
  type IntakeReading,
  type Raws,
  type Sheet,
  type SheetCounts,
  type SheetFinding,
} from "../setup";
import { readQuantity } from "../units/quantity";
import { STAGES, type Stage } from "./format";
import { withEvent, type Job, type Program, type SealedSheet } from "./job";
import { seal } from "./seal";

/** The class a job must leave in, with the reading accepted for it; null until one is chosen. */
export function choiceOf({ classChoice }: Job): ClassChoice | null {
  const { rule, acceptReading, acceptedKmh } = classChoice;
  if (!rule) return null;
  if (!acceptReading || !rule.acceptedReading) return { rule, acceptedKmh: null };
  const typed = acceptedKmh.trim();
  const kmh = typed === "" ? rule.acceptedReading.value : readQuantity(typed, "km/h").value;
  return { rule, acceptedKmh: acceptedReadingProblem(typed) ? null : kmh };
}

/** A reading further than this from anything a class says is a slip of the finger. km/h */
const READING_RANGE = { min: 5, max: 60 } as const;

/** What is wrong with a typed reading; null where it can be taken or is empty. */
export const acceptedReadingProblem = (typed: string) =>
  fieldProblem({ kind: "number", unit: "km/h", whole: false, guess: null, ...READING_RANGE }, typed);

export interface FoundLine {
  readonly typed: string;
  readonly raw: number | null;
  readonly problem: ShownProblem | null;
  /** Whether the menu has the line, going by the lines it hangs on; one that is not there cannot be read. */
  readonly shown: boolean;
}

/** The as-found column: what was typed per line, read or not. Read-only lines need no reading. */
export function foundLines(job: Job): readonly FoundLine[] {
  const { profile } = job;
  if (!profile) return [];
  const read = linesOf(profile).map((line): FoundLine => {
    const typed = job.asFound.shown[line.code] ?? "";
    if (line.encoding.kind === "read-only") return { typed, raw: line.factoryRaw, problem: null, shown: true };
    if (typed.trim() === "") return { typed, raw: null, problem: null, shown: true };
    const reading = readShown(line.encoding, typed);
    return reading.ok
      ? { typed, raw: reading.raw, problem: null, shown: true }
      : { typed, raw: null, problem: reading.problem, shown: true };
  });
  const raws = read.map((line) => line.raw);
  return read.map((line, i) => ({ ...line, shown: isShown(profile, i, raws) }));
}

/** Lines that stand in the menu and that nobody has read. */
export const isUnread = (line: FoundLine): boolean => line.shown && line.raw === null;

export type Baseline =
  | { readonly kind: "kept" }
  | { readonly kind: "waived"; readonly reason: string }
  | { readonly kind: "missing"; readonly unread: number; readonly total: number };

/** Shortest reason that says anything. */
const LEAST_REASON = 8;

/** Whether there is a way home: every line written down, or a written reason why not. */
export function baselineOf(job: Job): Baseline {
  const lines = foundLines(job);
  const unread = lines.filter(isUnread).length;
  if (job.profile && unread === 0) return { kind: "kept" };
  const reason = job.asFound.waivedReason.trim();
  if (reason.length >= LEAST_REASON) return { kind: "waived", reason };
  return { kind: "missing", unread, total: lines.filter((line) => line.shown).length };
}

export interface StageState {
  readonly stage: Stage;
  /** Nothing more is asked of this stage. */
  readonly done: boolean;
}

export interface Workings {
  readonly intake: IntakeReading;
  readonly bike: Bike;
  readonly choice: ClassChoice | null;
  readonly found: readonly FoundLine[];
  readonly foundRaws: Raws;
  readonly foundCount: number;
  /** Lines the menu shows, of which so many are to be written down. */
  readonly shownCount: number;
  readonly baseline: Baseline;
  readonly sheet: Sheet | null;
  readonly counts: SheetCounts | null;
  /** Findings of the values that are on the display at present, gravest first. */
  readonly findings: readonly SheetFinding[];
  readonly checks: readonly { readonly check: DueCheck; readonly verdict: Verdict }[];
  readonly readBack: readonly ReadBackVerdict[];
  readonly stages: readonly StageState[];
  /** The stage where work is to be done next. */
  readonly next: Stage;
  /** Out-of-box values nobody has proven: not to be ridden until programmed. */
  readonly notToBeRidden: boolean;
}

/** Works out everything that follows from a job. */
export function workOut(job: Job): Workings {
  const intake = readIntake(job.intake);
  const { bike } = intake;
  const choice = choiceOf(job);
  const found = foundLines(job);
  const asRead: Raws = found.map((line) => line.raw);
  const outOfBox = bike.visit === "brand-new" && job.profile !== null;
  // A brand-new kit is judged at once, on the maker's values, until somebody has read what it really holds.
  const foundRaws: Raws = outOfBox && job.profile ? mergeRaws(asRead, factoryRaws(job.profile)) : asRead;
  const baseline = baselineOf(job);
  const present: Raws = job.program
    ? job.program.state.inForce.map((raw, i) => (job.program?.unread.includes(i) ? null : raw))
    : foundRaws;
  const sheet = job.profile
    ? makeSheet({
        profile: job.profile,
        bike,
        choice,
        asFound: foundRaws,
        present,
        wishes: { overrides: job.overrides, unlocked: job.unlocked },
      })
    : null;
  const left: Raws = job.program?.targets ?? sheet?.targetRaws ?? [];
  const verdicts = job.profile ? readBack(job.profile, job.readBack, left) : [];
  const checks = job.profile && sheet ? checksDue(job, job.profile, bike, choice, left, sheet) : [];
  const done: Record<Stage, boolean> = {
    intake:
      intake.missing.length === 0 &&
      Object.keys(intake.problems).length === 0 &&
      job.profile !== null &&
      choice !== null,
    "as-found": job.profile !== null && baseline.kind !== "missing",
    plan:
      job.program !== null ||
      (sheet !== null &&
        baseline.kind !== "missing" &&
        sheet.targetFindings.every((finding) => finding.severity !== "breach")),
    program: job.program?.done ?? false,
    prove:
      verdicts.length > 0 &&
      verdicts.every((verdict) => verdict.kind === "as-planned") &&
      checks.every(({ verdict }) => verdict === "passed"),
    "hand-over": job.handedOverAt !== null,
  };
  const stages = STAGES.map((stage) => ({ stage, done: done[stage] }));
  return {
    intake,
    bike,
    choice,
    found,
    foundRaws,
    foundCount: found.filter((line) => line.shown && line.raw !== null).length,
    shownCount: found.filter((line) => line.shown).length,
    baseline,
    sheet,
    counts: sheet && countSheet(sheet),
    findings: job.profile ? findingsOn(job.profile, present, bike, choice) : [],
    checks,
    readBack: verdicts,
    stages,
    next: stages.find((state) => !state.done && (state.stage !== "plan" || !done.program))?.stage ?? "hand-over",
    notToBeRidden: outOfBox && !done.program,
  };
}

const mergeRaws = (read: Raws, otherwise: readonly number[]): Raws => otherwise.map((raw, i) => read[i] ?? raw);

function checksDue(
  job: Job,
  profile: DisplayProfile,
  bike: Bike,
  choice: ClassChoice | null,
  left: Raws,
  sheet: Sheet,
) {
  const throttleOn = decoded(profile, left, "throttleMode") !== "off";
  const walkAssistOn = decoded(profile, left, "walkAssistOn") !== false;
  return dueChecks({
    bike,
    choice,
    cap: sheet.targetCap,
    meter: speedometer(profile, left, bike),
    throttleOn,
    walkAssistOn,
  }).map((check) => ({ check, verdict: verdictOn(check, job.checks[check.id]) }));
}

// ── programming ─────────────────────────────────────────────────────────────────────────────────────────────────────

/** Raw values to start planning from: as found, and the maker's where nobody has read the line. */
function assumedRaws(profile: DisplayProfile, found: Raws): readonly number[] {
  return mergeRaws(found, factoryRaws(profile)).map((raw, i) => raw ?? factoryRaws(profile)[i] ?? 0);
}

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

export interface ProgramOutlook extends KeyWork {
  /** The same by walking the leaflet: every line in order, single taps. */
  readonly leafletPresses: number;
  readonly leafletMs: number;
  readonly targets: readonly number[];
  /** Lines nobody has read, which must be looked at on the way. */
  readonly unread: readonly number[];
  readonly start: MenuState;
}

/** The key plan a job would start with, or null while there is no display, no baseline and no reason for lacking one. */
export function programOutlook(job: Job, workings: Workings): ProgramOutlook | null {
  const { profile } = job;
  const { sheet, baseline, found } = workings;
  if (!profile || !sheet || baseline.kind === "missing") return null;
  const asRead = found.map((line) => line.raw);
  const start = atHome(profile, assumedRaws(profile, asRead));
  const targets = start.saved.map((raw, i) => sheet.targetRaws[i] ?? raw);
  // A line that only comes into the menu with the targets must be read on the way as well.
  const unread = asRead.flatMap((raw, i) => (raw === null && isShown(profile, i, targets) ? [i] : []));
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

/** The keys that bring a programmed display back to how it was found; null where that was never written down. */
export function wayBack(job: Job, workings: Workings): KeyWork | null {
  const { profile, program } = job;
  if (!profile || !program || workings.found.some(isUnread)) return null;
  const targets = workings.found.map((line, i) => line.raw ?? program.targets[i] ?? 0);
  return keyWork(profile, atHome(profile, program.targets), { targets });
}

/** The keys that bring every line up on the display once, from a state. */
export function readingTour(profile: DisplayProfile, state: MenuState, lines: readonly number[]): KeyWork {
  return keyWork(profile, state, { targets: state.saved, look: lines, end: "anywhere" });
}

// ── sealing ─────────────────────────────────────────────────────────────────────────────────────────────────────────

/** Seals the given raw values as a sheet onto a job's chain. `at` is an ISO timestamp. */
export function sealOnto(job: Job, kind: SealedSheet["kind"], raws: Raws, at: string, note: string): Job {
  const { profile } = job;
  if (!profile) return job;
  const lines = linesOf(profile).map((line, i) => {
    const raw = raws[i] ?? null;
    return { code: line.code, raw, shows: raw === null ? null : shows(line.encoding, raw) };
  });
  return {
    ...job,
    sheets: [
      ...seal(job.sheets, {
        kind,
        at,
        display: { id: profile.id, revision: profile.revision },
        className: job.classChoice.rule?.name ?? null,
        lines,
        note,
      }),
    ],
  };
}

function keptScreen(screen: Screen): Program["state"]["screen"] {
  if (screen.kind !== "code") return screen;
  return { ...screen, digits: [...screen.digits] };
}

/** A machine state at rest, as a job keeps it: no key down, and no PIN. */
export const keptState = ({ screen, ...state }: MenuState): Program["state"] => ({
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

/** Starts programming: seals the as-found and the target sheet and puts the display at its home screen. */
export function startProgram(job: Job, at: string): Job {
  // A second press of the same button seals nothing twice.
  if (job.program) return job;
  const workings = workOut(job);
  const outlook = programOutlook(job, workings);
  if (!outlook) return job;
  const { baseline } = workings;
  const found = workings.found.map((line) => line.raw);
  const withBaseline =
    baseline.kind === "waived"
      ? withEvent(
          sealOnto(job, "as-found", found, at, `No full baseline: ${baseline.reason}`),
          at,
          "baseline-waived",
          baseline.reason,
        )
      : withEvent(sealOnto(job, "as-found", found, at, ""), at, "baseline-kept");
  const planned = withEvent(sealOnto(withBaseline, "target", outlook.targets, at, ""), at, "plan-sealed");
  return {
    ...planned,
    program: {
      state: keptState(outlook.start),
      targets: [...outlook.targets],
      unread: [...outlook.unread],
      keysOn: "bike",
      done: false,
      notice: null,
    },
  };
}

/** Whether a state is where the program wants to be: home, saved, in force, everything unread seen. */
export function programReached(job: Job): boolean {
  const { program } = job;
  if (!program) return false;
  const { state, targets, unread } = program;
  const { profile } = job;
  const counts = (i: number): boolean => profile === null || isShown(profile, i, targets);
  return (
    state.screen.kind === "home" &&
    unread.length === 0 &&
    targets.every((raw, i) => !counts(i) || (state.saved[i] === raw && state.inForce[i] === raw))
  );
}

/** Takes a new machine state into the program, and notices the end. */
export function advanceProgram(job: Job, state: MenuState, at: string): Job {
  const { program } = job;
  if (!program) return job;
  const next: Job = { ...job, updatedAt: at, program: { ...program, state: keptState(state) } };
  return programReached(next) && !program.done && next.program
    ? withEvent({ ...next, program: { ...next.program, done: true, notice: null } }, at, "programmed")
    : next;
}

/**
 * Takes down what a line shows that nobody had read before programming began: it becomes the line's as-found value, and
 * whatever rests on it is worked out anew. A line with no proposal of its own keeps what it shows.
 */
export function takeReading(job: Job, line: number, raw: number): Job {
  const { program, profile } = job;
  const code = profile ? linesOf(profile)[line] : undefined;
  if (!program || !profile || !code || !program.unread.includes(line)) return job;
  const known = {
    ...job,
    asFound: { ...job.asFound, shown: { ...job.asFound.shown, [code.code]: shows(code.encoding, raw) } },
  };
  const { state } = program;
  const asRead: MenuState = {
    ...state,
    saved: state.saved.with(line, raw),
    pending: state.pending.with(line, raw),
    inForce: state.inForce.with(line, raw),
  };
  const { sheet } = workOut(known);
  const targets = program.targets.map((target, i) => sheet?.targetRaws[i] ?? (i === line ? raw : target));
  return {
    ...known,
    program: {
      ...program,
      state: keptState(asRead),
      targets,
      unread: program.unread.filter((other) => other !== line),
    },
  };
}

/** Hands the bike over: seals what was read back as the as-left sheet. */
export function handOver(job: Job, at: string): Job {
  const left: Raws = workOut(job).readBack.map((verdict) => ("raw" in verdict ? verdict.raw : null));
  return {
    ...withEvent(sealOnto(job, "as-left", left, at, job.handOverNote), at, "handed-over"),
    handedOverAt: at,
    onTheStand: false,
  };
}
