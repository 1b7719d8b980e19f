/**
 * Key plans, and bikes set for practice, off the main thread: a deep menu takes seconds, and no key on screen may wait
 * for that.
 */
import { atHome, standInRaws, linesOf, type DisplayProfile, type MenuState } from "@/core/display";
import type { KeyGoal, Pace } from "@/core/keys";
import type { ClassRule } from "@/core/law";
import { benchSet, jobRaws, keyExercise, type ExerciseKind, type JobRaws, type KeyExercise } from "@/core/practice";
import {
  keyWork,
  levelsForetold,
  outlookOfTask,
  readingTour,
  restoreOutlook,
  type Job,
  type KeyTask,
  type KeyWork,
  type LevelForetold,
  type ProgramOutlook,
  type RestoreOutlook,
} from "@/core/record";
import { paperFacts, type PaperFacts } from "@/core/record/paperFacts";
import type { Typed } from "@/core/rig";
import { codeOf, type CodeDrawing } from "./codeMatrix";
import { answerWith } from "./talk";

/** What the rider is told, and the record as a code. */
export interface PaperNeeds extends PaperFacts {
  readonly code: CodeDrawing | null;
}

export interface Tour {
  readonly presses: number;
  readonly totalMs: number;
}

/**
 * Descriptions by their text: the same one is the same object, so that what is worked out once per display stays known.
 */
const profiles = new Map<string, DisplayProfile>();
const MOST_PROFILES = 8;

function profileOf(text: string): DisplayProfile {
  const known = profiles.get(text);
  if (known) return known;
  if (profiles.size >= MOST_PROFILES) profiles.clear();
  const profile = JSON.parse(text) as DisplayProfile;
  profiles.set(text, profile);
  return profile;
}

const api = {
  /** The keys that read every line from the home screen; null where there is no way to them all. */
  tour: (profileText: string): Tour | null => {
    const profile = profileOf(profileText);
    const every = linesOf(profile).map((_, i) => i);
    const { plan, presses, totalMs } = readingTour(profile, atHome(profile, standInRaws(profile)), every);
    return plan.ok ? { presses, totalMs } : null;
  },
  /** The keys that bring one line up from the home screen. */
  toLine: (profileText: string, line: number): KeyWork => {
    const profile = profileOf(profileText);
    return readingTour(profile, atHome(profile, standInRaws(profile)), [line]);
  },
  /** The whole of what a task comes to. */
  outlook: (profileText: string, task: KeyTask, pace: Pace): ProgramOutlook =>
    outlookOfTask(profileOf(profileText), task, pace),
  /** The keys from a state to a goal. */
  work: (profileText: string, state: MenuState, goal: KeyGoal): KeyWork => keyWork(profileOf(profileText), state, goal),
  /** What restoring first would take; null where the display has no restore. */
  restore: (profileText: string, task: KeyTask): RestoreOutlook | null => restoreOutlook(profileOf(profileText), task),
  /** Raw values of a bike on the bench, set for a class; null where the facts make no bike. */
  benchRaws: (profileText: string, typed: Typed, rule: ClassRule | null): readonly number[] | null =>
    benchSet(profileOf(profileText), typed, rule)?.right ?? null,
  /** What the ride model foretells of each level; null while facts for it are missing. */
  levels: (job: Job): readonly LevelForetold[] | null => levelsForetold(job),
  /** What a bike of the shop holds and is to hold; null without a display. */
  jobRaws: (job: Job): JobRaws | null => jobRaws(job),
  /** What a job's papers need beyond its columns; null without a display. */
  papers: (job: Job): PaperNeeds | null => {
    const facts = paperFacts(job);
    return facts && { ...facts, code: facts.travels === null ? null : codeOf(facts.travels) };
  },
  /** The exercise of a kind and a seed; null where the display has too little for it. */
  exercise: (
    kind: ExerciseKind,
    seed: number,
    profileText: string,
    kits: readonly Typed[],
    classes: readonly ClassRule[],
  ): KeyExercise | null => keyExercise(kind, seed, profileOf(profileText), kits, classes),
};

export type KeysApi = typeof api;
answerWith(api);
