/**
 * What follows from a job: the bike read from its intake, the raw values known at each stage, the sheet, and how far
 * each stage has come. Screens ask here and hold no arithmetic of their own.
 */
import { factoryRaws, linesOf, type DisplayProfile } from "../display";
import type { ClassChoice } from "../law";
import { dueChecks, readBack, verdictOn, type DueCheck, type ReadBackVerdict, type Verdict } from "../proof";
import { readIntake, type Bike, type IntakeKey, type IntakeReading } from "../facts";
import { appliedCap, decoded, readOut, shownUnit, type Raws } from "../applied";
import { countSheet, makeSheet, type Sheet, type SheetCounts, type SheetFinding } from "../sheet";
import type { SpeedUnit } from "../units";
import { own } from "../units/limits";
import { changedSince, factsSince } from "./checking";
import { asSealed, foundRawsOf, heldRaws, knownRaws } from "./columns";
import { baselineOf, choiceOf, foundLines, type Baseline, type FoundLine } from "./found";
import { keepsNothingBack, nextStage, stagesOf, type Stage, type StageState } from "./stages";
import type { Job } from "./job";
import { valuesToFollow } from "./sheetOfBatch";
import { isDecision, standingAgainst } from "./leaving";

export interface CheckState {
  readonly check: DueCheck;
  readonly verdict: Verdict;
  /** Lines it rests on that have changed since it was answered, and facts of the bike. */
  readonly changed: readonly string[];
  readonly changedFacts: readonly IntakeKey[];
}

/** A line that would now be planned otherwise than it was sealed. */
export interface NewerTarget {
  readonly code: string;
  readonly sealed: string | null;
  readonly proposed: string | null;
}

export interface Workings {
  readonly intake: IntakeReading;
  readonly bike: Bike;
  readonly choice: ClassChoice | null;
  /** Unit speeds are asked and told in: the one the display shows, or the class's while that has not been read. */
  readonly unit: SpeedUnit;
  readonly found: readonly FoundLine[];
  readonly foundCount: number;
  /** Lines the menu shows, of which so many are to be written down. */
  readonly shownCount: number;
  readonly baseline: Baseline;
  /**
   * The plan of this visit, column by column: the target sealed once keys were begun, the live proposal until then. On
   * a brand-new kit the maker's values stand as found until they are read. Null while there is no display.
   */
  readonly sheet: Sheet | null;
  readonly counts: SheetCounts | null;
  /** What facts typed since the seal would change in the plan. */
  readonly newer: readonly NewerTarget[];
  /** What keeps the bike, as its display stands now, from being called ready. */
  readonly against: readonly SheetFinding[];
  /** Why it may leave all the same, in writing; null where nobody has said. */
  readonly leavesThough: string | null;
  readonly checks: readonly CheckState[];
  /** Checks that keep the bike back: needed and not passed, or worth a measurement and failed. */
  readonly checksLeft: number;
  readonly readBack: readonly ReadBackVerdict[];
  readonly stages: readonly StageState[];
  /** The stage where work is to be done next. */
  readonly next: Stage;
  /** Out-of-box values nobody has proven: not to be ridden until programmed. */
  readonly notToBeRidden: boolean;
}

/** Works out everything that follows from a job. */
export function workOut(job: Job): Workings {
  const { profile, program } = job;
  const intake = readIntake(job.intake);
  const { bike } = intake;
  const choice = choiceOf(job);
  const lines = foundLines(job);
  const outOfBox = bike.visit === "brand-new" && profile !== null;
  // A brand-new kit is judged at once, on the maker's values, until somebody has read what it really holds.
  const fill = (raws: Raws): Raws => (outOfBox && profile ? mergeRaws(raws, factoryRaws(profile)) : raws);
  const found = fill(foundRawsOf(job));
  const inForce = program ? heldRaws(job) : fill(heldRaws(job));
  const baseline = baselineOf(job);
  const sheet = planOf(job, { found, inForce, sealed: program?.targets ?? null });
  const newer = program && profile && sheet ? newerTargets(job, { found, inForce, sheet }) : [];
  const target = sheet?.target.raws ?? [];
  const unit = (profile && shownUnit(profile, program ? target : inForce)) ?? choice?.rule.speedUnit ?? "kmh";
  const verdicts = profile ? readBack(profile, job.readBack, target) : [];
  const checks = profile ? checksDue(job, profile, bike, choice, target, unit) : [];
  const hasBaseline = baseline.kind !== "missing";
  const stages = stagesOf({ job, intake, choice, hasBaseline, sheet, readBack: verdicts, checks });
  const programmed = program?.done ?? false;
  return {
    intake,
    bike,
    choice,
    unit,
    found: lines,
    foundCount: lines.filter((line) => line.shown && line.raw !== null).length,
    shownCount: lines.filter((line) => line.shown).length,
    baseline,
    sheet,
    counts: sheet && countSheet(sheet),
    newer,
    against: standingAgainst(sheet?.inForce.findings ?? [], checks),
    leavesThough: isDecision(job.intake.leavesThough) ? (job.intake.leavesThough ?? "").trim() : null,
    checks,
    checksLeft: checks.filter((state) => !keepsNothingBack(state)).length,
    readBack: verdicts,
    stages,
    next: nextStage(stages, programmed),
    notToBeRidden: outOfBox && !programmed,
  };
}

const mergeRaws = (read: Raws, otherwise: Raws): Raws => otherwise.map((raw, i) => read[i] ?? raw);

interface PlanColumns {
  readonly found: Raws;
  readonly inForce: Raws;
  readonly sealed: Raws | null;
}

/** The plan with the facts it was sealed with, or with those at hand while nothing is sealed. */
function planOf(job: Job, { found, inForce, sealed }: PlanColumns): Sheet | null {
  const { profile } = job;
  if (!profile) return null;
  const facts = sealed ? asSealed(job) : job;
  return makeSheet({
    profile,
    bike: readIntake(facts.intake).bike,
    choice: choiceOf(facts),
    asFound: found,
    inForce,
    sealed,
    startsFrom: startOf(job, profile, found),
    stood: stoodRaws(job, profile, found),
    carried: job.held ? {} : facts.carried,
    brought: job.batch ? valuesToFollow(profile, job.batch) : {},
    byHand: { overrides: facts.overrides, unlocked: facts.unlocked },
  });
}

/** What the plan starts from: what the display was last known to hold, or found with what a swap carried over. */
const startOf = (job: Job, profile: DisplayProfile, found: Raws): Raws =>
  job.held ? knownRaws(job) : linesOf(profile).map(({ code }, i) => own(job.carried, code) ?? found[i] ?? null);

/**
 * What each line stood at before a wish first moved it: as found on this visit, or before the wishes of the visit
 * before, where it is found as that left it. Null where the plan starts from there anyway.
 */
function stoodRaws({ held, carried, lastVisit }: Job, profile: DisplayProfile, found: Raws): Raws {
  const last = lastVisit?.display.id === profile.id ? lastVisit : null;
  return linesOf(profile).map(({ code }, i) => {
    const raw = found[i] ?? null;
    const isAsLeft = raw !== null && last !== null && own(last.left, code) === raw;
    const before = isAsLeft ? (own(last.stood ?? {}, code) ?? null) : null;
    return before ?? (held ? (own(carried, code) ?? raw) : null);
  });
}

/** Lines the facts at hand would plan otherwise than they were sealed: a new proposal, beside the sealed one. */
function newerTargets(
  job: Job,
  { found, inForce, sheet }: Omit<PlanColumns, "sealed"> & { readonly sheet: Sheet },
): readonly NewerTarget[] {
  if (asSealed(job) === job) return [];
  const live = planOf(job, { found, inForce, sealed: null });
  return (live?.rows ?? []).flatMap((row, i) => {
    const sealed = sheet.rows[i]?.target ?? null;
    const differs = row.shown.target && row.target !== null && row.target.raw !== sealed?.raw;
    return differs ? [{ code: row.code, sealed: sealed?.shows ?? null, proposed: row.target?.shows ?? null }] : [];
  });
}

/** Whether a display shows what it measures: on its info line, on a page of its own, in lines nobody sets. */
const hasReadOuts = ({ infoLines, rules, lines }: DisplayProfile): boolean =>
  infoLines.length > 0 ||
  rules.some(({ does }) => does.kind === "open-monitor") ||
  lines.some(({ encoding }) => encoding.kind === "read-only" && encoding.shows === null);

function checksDue(
  job: Job,
  profile: DisplayProfile,
  bike: Bike,
  choice: ClassChoice | null,
  left: Raws,
  unit: SpeedUnit,
): readonly CheckState[] {
  return dueChecks({
    bike,
    choice,
    cap: appliedCap(profile, left, bike),
    meter: readOut(profile, left, bike),
    unit,
    throttleOn: decoded(profile, left, "throttleMode") !== "off",
    walkAssistOn: decoded(profile, left, "walkAssistOn") !== false,
    cruiseOn: decoded(profile, left, "cruiseOn") === true,
    regenOn: (decoded(profile, left, "regenShare") ?? 0) > 0,
    levels: decoded(profile, left, "assistLevels"),
    startPulses: decoded(profile, left, "startPulses"),
    startDelayS: decoded(profile, left, "startDelayS"),
    cutOffV: decoded(profile, left, "cutOffV"),
    hasReadOuts: hasReadOuts(profile),
  }).map((check) => {
    const result = own(job.checks, check.id);
    const changed = result ? changedSince(job, check.id, result) : [];
    const changedFacts = result ? factsSince(job, check.id, result) : [];
    const verdict = verdictOn(check, result, [...changed, ...changedFacts]);
    return { check, verdict, changed, changedFacts };
  });
}
