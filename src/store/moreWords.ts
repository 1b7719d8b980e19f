/**
 * More words a job is found by than its entry has: what its lines are called and what speaks against it. That takes
 * working out, so it is done when the book is looked through, a few jobs at a time, and kept until the job changes.
 */
import type { BookEntry } from "@/core/book/entry";
import type { Job } from "@/core/record";
import { db, type OddSpokeDatabase } from "./db";
import { stampOf } from "./stamp";

/** The words kept of the present state of each entry, by id; those missing are left out. */
export async function keptWords(
  entries: readonly Pick<BookEntry, "id" | "updatedAt">[],
  database: OddSpokeDatabase = db,
): Promise<ReadonlyMap<string, string>> {
  const rows = new Map((await database.moreWords.toArray()).map((row) => [row.id, row]));
  return new Map(
    entries.flatMap(({ id, updatedAt }) => {
      const row = rows.get(id);
      return row?.of === stampOf(updatedAt) ? [[id, row.text] as const] : [];
    }),
  );
}

/** Works out the words of these jobs with `make`, keeps them, and gives them by id. */
export async function makeWords(
  ids: readonly string[],
  make: (job: Job) => string,
  database: OddSpokeDatabase = db,
): Promise<ReadonlyMap<string, string>> {
  const jobs = (await database.jobs.bulkGet([...ids])).filter((job): job is Job => job !== undefined);
  const rows = jobs.map((job) => ({ id: job.id, of: stampOf(job.updatedAt), text: make(job).toLowerCase() }));
  await database.moreWords.bulkPut(rows);
  return new Map(rows.map(({ id, text }) => [id, text]));
}
