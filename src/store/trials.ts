/** Trials of lines, kept run by run. */
import type { LineTrial } from "@/core/record/lineTrial";
import { db, type OddSpokeDatabase } from "./db";
import { newId } from "./newId";
import { keepOneMore, takeOneBack, takeOut } from "./oneByOne";

/** Trials of one bike, the newest first. */
export const trialsOf = async (jobId: string, database: OddSpokeDatabase = db): Promise<readonly LineTrial[]> =>
  (await database.trials.where("jobId").equals(jobId).toArray()).sort((a, b) => b.begunAt.localeCompare(a.begunAt));

/** Begins a trial; the order of its runs is drawn here. */
export async function beginTrial(
  begun: Omit<LineTrial, "id" | "seed" | "measured" | "begunAt">,
  database: OddSpokeDatabase = db,
): Promise<LineTrial> {
  const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;
  const made: LineTrial = { ...begun, id: newId(), seed, measured: [], begunAt: new Date().toISOString() };
  await database.trials.add(made);
  return made;
}

/** Keeps one run more, once, whoever keeps it twice: `at` is the number of runs there were. */
export const keepRun = (id: string, at: number, typed: string, database: OddSpokeDatabase = db): Promise<void> =>
  keepOneMore(database.trials, id, "measured", at, typed);

/** Takes the last run back, where there are still so many. */
export const takeBackRun = (id: string, at: number, database: OddSpokeDatabase = db): Promise<void> =>
  takeOneBack(database.trials, id, "measured", at);

export const removeTrial = (id: string, database: OddSpokeDatabase = db): Promise<LineTrial | undefined> =>
  takeOut(database.trials, id);

export async function restoreTrial(gone: LineTrial, database: OddSpokeDatabase = db): Promise<void> {
  await database.trials.put(gone);
}
