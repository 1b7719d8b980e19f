/** Jobs the book does not list are listed: loaded once the screen stands. */
import { entryOf } from "@/core/book/entry";
import type { Job } from "@/core/record";
import { db, type OddSpokeDatabase } from "./db";
import { jobTables } from "./jobRows";

/**
 * Lists jobs that stand in the database without an entry, as damage or a page of another build may leave them. It
 * counts the whole book, so nobody is kept waiting for it.
 */
export async function listMissing(database: OddSpokeDatabase = db): Promise<void> {
  const [all, entries] = await Promise.all([database.jobs.count(), database.entries.count()]);
  if (all === entries) return;
  await database.transaction("rw", jobTables(database), async () => {
    const listed = new Set(await database.entries.toCollection().primaryKeys());
    const ids = (await database.jobs.toCollection().primaryKeys()).filter((id) => !listed.has(id));
    const jobs = (await database.jobs.bulkGet(ids)).filter((job): job is Job => job !== undefined);
    await database.entries.bulkPut(jobs.map(entryOf));
  });
}
