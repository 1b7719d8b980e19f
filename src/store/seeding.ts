/** The demo bikes put on the rack, and jobs taken off it and put back. */
import type { Job } from "@/core/record";
import { db, type OddSpokeDatabase } from "./db";
import { allJobTables, deleteJobs, jobTables, putJobs } from "./jobRows";
import { isSeeded } from "./jobs";

/** The demo bikes are loaded when they are asked for: most visits never do. */
const demoJobs = async (): Promise<readonly Job[]> => (await import("@/catalog/demo/workshop")).demoJobs();

/** Puts the demo bikes on the rack the first time this copy is opened. */
export async function seedOnce(database: OddSpokeDatabase = db): Promise<void> {
  if (await isSeeded(database)) return;
  // Worked out before the transaction: a browser ends one that waits for anything but the database.
  const jobs = await demoJobs();
  await database.transaction("rw", [...jobTables(database), database.facts], async () => {
    if (await database.facts.get("seeded")) return;
    if ((await database.jobs.count()) === 0) await putJobs(database, jobs);
    await database.facts.put({ key: "seeded", value: new Date().toISOString() });
  });
}

/** Takes jobs off the machine and hands them back, for an undo. */
export async function removeJobs(ids: readonly string[], database: OddSpokeDatabase = db): Promise<readonly Job[]> {
  return database.transaction("rw", allJobTables(database), async () => {
    const jobs = (await database.jobs.bulkGet([...ids])).filter((job): job is Job => job !== undefined);
    await deleteJobs(database, ids);
    return jobs;
  });
}

/** Puts jobs that were taken off back as they were; one that is there again meanwhile stays as it is now. */
export async function restoreJobs(jobs: readonly Job[], database: OddSpokeDatabase = db): Promise<void> {
  await database.transaction("rw", jobTables(database), async () => {
    const there = new Set(await database.jobs.toCollection().primaryKeys());
    await putJobs(
      database,
      jobs.filter(({ id }) => !there.has(id)),
    );
  });
}

/** Puts the demo bikes back as they come. */
export async function loadDemo(database: OddSpokeDatabase = db): Promise<void> {
  await restoreJobs(await demoJobs(), database);
}
