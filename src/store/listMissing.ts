/** Jobs the book does not list are listed: loaded where there are any. */
import { entryOf } from "@/core/book/entry";
import type { Job } from "@/core/record";
import type { OddSpokeDatabase } from "./db";
import { jobTables } from "./jobRows";

/** Lists jobs that stand in the database without an entry, as damage or a page of another build may leave them. */
export async function listMissing(database: OddSpokeDatabase): Promise<void> {
  await database.transaction("rw", jobTables(database), async () => {
    const listed = new Set(await database.entries.toCollection().primaryKeys());
    const ids = (await database.jobs.toCollection().primaryKeys()).filter((id) => !listed.has(id));
    const jobs = (await database.jobs.bulkGet(ids)).filter((job): job is Job => job !== undefined);
    await database.entries.bulkPut(jobs.map(entryOf));
  });
}
