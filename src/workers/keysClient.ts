/** Asks the keys worker, which is started when it is first asked. */
import type { DisplayProfile, MenuState } from "@/core/display";
import type { KeyGoal, Pace } from "@/core/keys";
import type { ClassRule } from "@/core/law";
import type { ExerciseKind, JobRaws, KeyExercise } from "@/core/practice";
import type { Job, KeyTask, KeyWork, LevelForetold, ProgramOutlook, RestoreOutlook } from "@/core/record";
import type { Typed } from "@/core/rig";
import type { KeysApi, PaperNeeds, Tour } from "./keys.worker";
import { startedWorker } from "./startedWorker";

const keys = startedWorker<KeysApi>(() => new Worker(new URL("./keys.worker.ts", import.meta.url), { type: "module" }));

/** The keys that read every line of a display; null where there is no way to them all. */
export const tourOf = (profile: DisplayProfile): Promise<Tour | null> =>
  keys.ask((worker) => worker.tour(JSON.stringify(profile)));

const MOST_PLANS = 60;
const plans = new Map<string, Promise<unknown>>();

/** Plans once what rests on the same things, and hands the same answer to whoever asks again. */
function planned<Plan>(key: string, ask: () => Promise<Plan>): Promise<Plan> {
  const known = plans.get(key);
  if (known) return known as Promise<Plan>;
  if (plans.size >= MOST_PLANS) plans.delete(plans.keys().next().value ?? "");
  const answer = ask();
  plans.set(key, answer);
  answer.catch(() => plans.delete(key));
  return answer;
}

/** What a plan is asked for, as a text: equal texts have equal plans. */
const keyOf = (what: string, profile: string, ...rest: readonly unknown[]): string =>
  `${what} ${JSON.stringify(rest)} ${profile}`;

/** A plan to ask for: its key says all it rests on. */
export interface PlanAsk<Plan> {
  readonly key: string;
  readonly ask: () => Promise<Plan>;
}

const asking = <Plan>(key: string, ask: () => Promise<Plan>): PlanAsk<Plan> => ({ key, ask: () => planned(key, ask) });

export function outlookAsk(profile: DisplayProfile, task: KeyTask, pace: Pace): PlanAsk<ProgramOutlook> {
  const text = JSON.stringify(profile);
  return asking(keyOf("outlook", text, task, pace), () => keys.ask((worker) => worker.outlook(text, task, pace)));
}
export function workAsk(profile: DisplayProfile, state: MenuState, goal: KeyGoal): PlanAsk<KeyWork> {
  const text = JSON.stringify(profile);
  return asking(keyOf("work", text, state, goal), () => keys.ask((worker) => worker.work(text, state, goal)));
}
export function restoreAsk(profile: DisplayProfile, task: KeyTask): PlanAsk<RestoreOutlook | null> {
  const text = JSON.stringify(profile);
  return asking(keyOf("restore", text, task), () => keys.ask((worker) => worker.restore(text, task)));
}
export function toLineAsk(profile: DisplayProfile, line: number): PlanAsk<KeyWork> {
  const text = JSON.stringify(profile);
  return asking(keyOf("line", text, line), () => keys.ask((worker) => worker.toLine(text, line)));
}
export function benchRawsAsk(
  profile: DisplayProfile,
  typed: Typed,
  rule: ClassRule | null,
): PlanAsk<readonly number[] | null> {
  const text = JSON.stringify(profile);
  return asking(keyOf("bench", text, typed, rule?.id), () => keys.ask((worker) => worker.benchRaws(text, typed, rule)));
}
export function exerciseAsk(
  kind: ExerciseKind,
  seed: number,
  profile: DisplayProfile,
  kits: readonly Typed[],
  classes: readonly ClassRule[],
): PlanAsk<KeyExercise | null> {
  const text = JSON.stringify(profile);
  return asking(keyOf("exercise", text, kind, seed), () =>
    keys.ask((worker) => worker.exercise(kind, seed, text, kits, classes)),
  );
}
export const papersAsk = (job: Job): PlanAsk<PaperNeeds | null> =>
  asking(keyOf("papers", job.updatedAt, job.id, job.intake, job.readBack, job.checks, job.classChoice), () =>
    keys.ask((worker) => worker.papers(job)),
  );
export const jobRawsAsk = (job: Job): PlanAsk<JobRaws | null> =>
  asking(keyOf("job", job.updatedAt, job.id, job.overrides, job.intake), () =>
    keys.ask((worker) => worker.jobRaws(job)),
  );
export const levelsAsk = (job: Job): PlanAsk<readonly LevelForetold[] | null> =>
  asking(keyOf("levels", job.profile?.id ?? "", job.id, job.intake, job.program?.targets, job.readBack), () =>
    keys.ask((worker) => worker.levels(job)),
  );
