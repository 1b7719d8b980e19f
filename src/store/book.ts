/** The book as it is listed, and the visits of one bike. */
import type { BookEntry } from "@/core/book/entry";
import { settled } from "@/core/book/settling";
import { nextVisit } from "@/core/book/visits";
import type { Job } from "@/core/record";
import { changeJob, type Change } from "./changes";
import { db, type OddSpokeDatabase } from "./db";
import { keepForGood } from "./health";
import { newId } from "./newId";
import { nextNumber } from "./addJob";
import { allJobTables, counted, deleteJobs, jobTables, putJob, putJobs } from "./jobRows";

/** Every entry there is, in no order. */
export const bookEntries = (database: OddSpokeDatabase = db): Promise<BookEntry[]> => database.entries.toArray();

/** The jobs of one bike, the first visit first. */
export async function visitsOf(bikeId: string, database: OddSpokeDatabase = db): Promise<readonly Job[]> {
  const ids = await database.entries.where("bikeId").equals(bikeId).primaryKeys();
  const jobs = (await database.jobs.bulkGet(ids)).filter((job): job is Job => job !== undefined);
  return jobs.sort((a, b) => (a.createdAt < b.createdAt ? -1 : 1));
}

/**
 * Begins a visit of the bike of a job, with what that one left as what is expected. One that was begun from it before
 * and is still open is that visit: a second press begins no second one.
 */
export async function addVisit(lastId: string, database: OddSpokeDatabase = db): Promise<Job | null> {
  keepForGood();
  return database.transaction("rw", jobTables(database), async () => {
    const last = await database.jobs.get(lastId);
    if (!last) return null;
    const open = (await visitsOf(last.bikeId, database)).find(
      ({ lastVisit, handedOverAt }) => lastVisit?.jobId === lastId && handedOverAt === null,
    );
    if (open) return open;
    const at = new Date().toISOString();
    const job = counted(undefined, nextVisit(last, { id: newId(), number: await nextNumber(database), at }));
    await putJob(database, job);
    return job;
  });
}

/**
 * Makes one record of two that were told apart, difference by difference; the other goes, its photos stay with the one.
 * @param takes names of the differences taken from the other
 * @returns how to have both back
 */
export async function settleTwins(
  id: string,
  twinId: string,
  takes: ReadonlySet<string>,
  database: OddSpokeDatabase = db,
): Promise<(() => Promise<void>) | null> {
  const tables = [...allJobTables(database), database.photos];
  const photosTo = (from: string, to: string) => database.photos.where("jobId").equals(from).modify({ jobId: to });
  const before = await database.transaction("rw", tables, async () => {
    const [one, other] = await database.jobs.bulkGet([id, twinId]);
    if (!one || !other) return null;
    const at = new Date().toISOString();
    await putJob(database, { ...counted(undefined, settled(one, other, takes, at)), updatedAt: at });
    await deleteJobs(database, [twinId]);
    const photos = await database.photos.where("jobId").equals(twinId).primaryKeys();
    await photosTo(twinId, id);
    return { one, other, photos };
  });
  if (!before) return null;
  return () =>
    database.transaction("rw", tables, async () => {
      await putJobs(database, [before.one, before.other]);
      await database.photos.where("id").anyOf(before.photos).modify({ jobId: twinId });
    });
}

/** Keeps both records, each a visit of its own. */
export const keepBoth = (twinId: string, database: OddSpokeDatabase = db): Promise<Change> =>
  changeJob(twinId, (job) => ({ ...job, twinOf: null }), database);
