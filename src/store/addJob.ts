/** A new job, and the number on its ticket. Apart from reading jobs: few pages add one. */
import { newJob, type Job } from "@/core/record";
import { LARGEST_JOB_NUMBER } from "@/core/units/limits";
import { db, type OddSpokeDatabase } from "./db";
import { keepForGood } from "./health";
import { counted, jobTables, putJob } from "./jobRows";
import { newId } from "./newId";

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
    const job = counted(undefined, newJob(newId(), await nextNumber(database), new Date().toISOString()));
    await putJob(database, job);
    return job;
  });
}
