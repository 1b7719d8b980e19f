/** Jobs in the database: read whole, written whole, never half. */
import { newJob, type Job } from "@/core/record";
import { LARGEST_JOB_NUMBER } from "@/core/units/limits";
import { db, type OddSpokeDatabase } from "./db";
import { counted, jobTables, putJob } from "./jobRows";
import { keepForGood } from "./health";
import { newId } from "./newId";

const nowIso = (): string => new Date().toISOString();

/** Whether the demo bikes have been put on the rack once. */
export const isSeeded = async (database: OddSpokeDatabase = db): Promise<boolean> =>
  (await database.facts.get("seeded")) !== undefined;

export const getJob = (id: string, database: OddSpokeDatabase = db): Promise<Job | undefined> => database.jobs.get(id);

/** The number after the last one, or the lowest free one where the last is the largest a ticket takes. */
export async function nextNumber(database: OddSpokeDatabase): Promise<number> {
  const last = (await database.entries.orderBy("number").last())?.number ?? 0;
  if (last < LARGEST_JOB_NUMBER) return last + 1;
  const taken = new Set(await database.entries.orderBy("number").keys());
  let free = 1;
  while (taken.has(free)) free += 1;
  return free;
}

/** Adds an empty job with the next free number. */
export async function addJob(database: OddSpokeDatabase = db): Promise<Job> {
  keepForGood();
  return database.transaction("rw", jobTables(database), async () => {
    const job = counted(undefined, newJob(newId(), await nextNumber(database), nowIso()));
    await putJob(database, job);
    return job;
  });
}
