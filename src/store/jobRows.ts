/** Jobs as rows: each is written together with its entry, so that the book never lists less than there is. */
import { entryOf } from "@/core/book/entry";
import { writtenBy } from "@/core/book/writes";
import { sameValue, type Job } from "@/core/record";
import { copyId } from "./copy";
import type { OddSpokeDatabase } from "./db";

/** The tables a transaction that writes jobs must name. */
export const jobTables = (database: OddSpokeDatabase) => [database.jobs, database.entries];
/** Those of one that takes jobs out as well. */
export const allJobTables = (database: OddSpokeDatabase) => [
  ...jobTables(database),
  database.tickets,
  database.moreWords,
];

/** The job counted as written by this copy; as it is where nothing but the stage it lies open at has changed. */
export const counted = (was: Job | undefined, job: Job): Job =>
  was && sameValue({ ...was, stage: job.stage, updatedAt: job.updatedAt }, job)
    ? job
    : { ...job, writes: writtenBy(copyId(), job.writes) };

/** Writes a job and its entry, within the transaction that is open. */
export async function putJob(database: OddSpokeDatabase, job: Job): Promise<void> {
  await database.jobs.put(job);
  await database.entries.put(entryOf(job));
}

/** Writes jobs and their entries, within the transaction that is open. */
export async function putJobs(database: OddSpokeDatabase, jobs: readonly Job[]): Promise<void> {
  await database.jobs.bulkPut([...jobs]);
  await database.entries.bulkPut(jobs.map(entryOf));
}

/** Takes jobs, their entries and their tickets out, within the transaction that is open. */
export async function deleteJobs(database: OddSpokeDatabase, ids: readonly string[]): Promise<void> {
  for (const table of allJobTables(database)) await table.bulkDelete([...ids]);
}
