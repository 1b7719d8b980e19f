/** A trial of one line of a bike's display: what is compared, its runs as typed, and what is learnt of the line. */
import {
  lineIndex,
  linesOf,
  rawValues,
  SETTINGS,
  shows,
  type Claim,
  type DisplayProfile,
  type Line,
  type SettingKey,
} from "../display";
import { orderOfRuns, verdictOf, type Arm, type TrialRun, type TrialVerdict } from "../proof/trials";
import { typedNumber } from "../units/typedNumber";
import { heldRaws } from "./columns";
import type { Job } from "./job";

/** What is measured of a line, and in what. */
export const OUTCOMES = {
  "top-speed": "km/h",
  "start-delay": "s",
  "crank-angle": "°",
  "push-at-start": "1 to 10",
  "stopping-way": "m",
  "coast-down": "s",
  brightness: "1 to 10",
  "current-drawn": "A",
} as const;
export type Outcome = keyof typeof OUTCOMES;
export const isOutcome = (text: string): text is Outcome => text in OUTCOMES;

export interface LineTrial {
  readonly id: string;
  readonly jobId: string;
  readonly code: string;
  /** Raw values compared. */
  readonly a: number;
  readonly b: number;
  readonly outcome: Outcome;
  /** Whether B is thought to give more of it than A, or less. */
  readonly expected: "more" | "less";
  /** Whether whoever measures does not know which value is set. */
  readonly blind: boolean;
  readonly seed: number;
  /** What was measured, as typed, in the order of the runs. */
  readonly measured: readonly string[];
  readonly begunAt: string;
}

/** Greatest number a run may give, whatever is measured. */
const MOST = 100_000;

/** What a run measured; null where it is no number, or no measure of anything. */
export function measuredValue(typed: string): number | null {
  const value = typed.trim() === "" ? Number.NaN : typedNumber(typed);
  return Number.isFinite(value) && value >= 0 && value <= MOST ? value : null;
}

export interface NextRun {
  /** From 0. */
  readonly at: number;
  readonly of: number;
  readonly arm: Arm;
  readonly raw: number;
  /** What the line holds from the run before; null before the first. */
  readonly before: number | null;
}

const rawOf = (trial: LineTrial, arm: Arm): number => (arm === "A" ? trial.a : trial.b);

/** The run that is due; null once all are in. */
export function nextRun(trial: LineTrial): NextRun | null {
  const order = orderOfRuns(trial.seed);
  const at = trial.measured.length;
  const arm = order[at];
  if (!arm) return null;
  const last = order[at - 1];
  return { at, of: order.length, arm, raw: rawOf(trial, arm), before: last ? rawOf(trial, last) : null };
}

/** The runs so far. */
export const runsOf = (trial: LineTrial): readonly TrialRun[] =>
  orderOfRuns(trial.seed).flatMap((arm, i) => {
    const value = measuredValue(trial.measured[i] ?? "");
    return value === null ? [] : [{ arm, value }];
  });

export const trialVerdict = (trial: LineTrial): TrialVerdict => verdictOf(runsOf(trial), trial.expected);

/**
 * What the line holds after the last run and what it is to hold again; null before a run, where nobody knows what it
 * held, or where it holds that already.
 */
export function leftAs(trial: LineTrial, job: Job): { readonly now: number; readonly back: number } | null {
  const { profile } = job;
  const arm = orderOfRuns(trial.seed)[trial.measured.length - 1];
  const index = profile ? lineIndex(profile, trial.code) : -1;
  const back = heldRaws(job)[index];
  if (!arm || back === null || back === undefined) return null;
  const now = rawOf(trial, arm);
  return now === back ? null : { now, back };
}

/** Lines a trial can be made of: with two values at least. */
export const triableLines = (profile: DisplayProfile): readonly Line[] =>
  linesOf(profile).filter(({ encoding }) => encoding.kind !== "read-only" && rawValues(encoding).length > 1);

/** What each kind of setting shows itself in: only there does nothing seen say that a line does nothing. */
const SHOWS_IN: Partial<Readonly<Record<SettingKey, readonly Outcome[]>>> = {
  startPulses: ["crank-angle", "start-delay"],
  startDelayS: ["start-delay", "crank-angle"],
  startReadiness: ["start-delay", "crank-angle"],
  startStrengthShare: ["push-at-start"],
  rampSoftness: ["push-at-start", "start-delay"],
  strengthCurve: ["push-at-start", "current-drawn"],
  regenShare: ["stopping-way", "coast-down"],
  backlight: ["brightness"],
  currentLimitA: ["current-drawn"],
  currentShare: ["current-drawn"],
};

/**
 * Whether a line works, as a trial leaves it: what did something works; where nothing was seen in what it is about, it
 * does nothing here; anything else, and whatever the law looks at, stays as it stood.
 */
function effectAfter(
  { encoding: { setting }, effect }: Line,
  trial: LineTrial,
  kind: TrialVerdict["kind"],
): Line["effect"] {
  if (kind !== "nothing-seen") return "works";
  const isAbout = setting !== null && SHOWS_IN[setting]?.includes(trial.outcome) === true;
  return isAbout && !SETTINGS[setting].mattersInLaw ? "none" : effect;
}

/** The job whose display has learnt what a trial told; the same job where there are too few runs. */
export function withTrial(job: Job, trial: LineTrial, says: string): Job {
  const { profile } = job;
  const verdict = trialVerdict(trial);
  if (!profile || verdict.kind === "not-enough") return job;
  const lines = linesOf(profile).map((line): Line => {
    if (line.code !== trial.code) return line;
    const claim: Claim = {
      from: "own-trial",
      on: trial.begunAt.slice(0, 10),
      confidence: Math.round((1 - verdict.effect.p) * 100) / 100,
      says,
      setting: line.encoding.setting,
      chosen: false,
    };
    const claims = [...line.claims.filter((each) => each.says !== says), claim].slice(-20);
    return { ...line, claims, effect: effectAfter(line, trial, verdict.kind) };
  });
  return { ...job, profile: { ...profile, lines } };
}

/** What a line shows for a raw value; nothing where there is no such line. */
export function shownBy(profile: DisplayProfile, code: string, raw: number): string {
  const line = linesOf(profile).find((each) => each.code === code);
  return line ? shows(line.encoding, raw) : "";
}

/** What a line shows for each of the two values. */
export const shownOf = (
  profile: DisplayProfile,
  { code, a, b }: Pick<LineTrial, "code" | "a" | "b">,
): readonly [string, string] => [shownBy(profile, code, a), shownBy(profile, code, b)];
