/** Job files taken in: looked at first, added beside what is here or put in its place, and taken back. */
import { joinedWrites } from "@/core/book/writes";
import { sameValue, withEvent, type Job } from "@/core/record";
import type { JobFileReading } from "@/core/record/jobFile";
import { db, type OddSpokeDatabase } from "./db";
import { newId } from "./newId";
import { keepForGood } from "./health";
import { allJobTables, counted, deleteJobs, jobTables, putJob } from "./jobRows";
import { nextNumber } from "./addJob";

export type ImportPreview =
  | { readonly ok: true; readonly job: Job; readonly already: Job | null }
  | { readonly ok: false; readonly problem: Extract<JobFileReading, { ok: false }>["problem"] };

/** Reads a file's text and says what importing it would do; nothing is stored. */
export async function previewImport(text: string, database: OddSpokeDatabase = db): Promise<ImportPreview> {
  // The validator is loaded when a file is first looked at: no screen needs it.
  const { readJobFile } = await import("@/core/record/jobFile");
  const reading = readJobFile(text);
  if (!reading.ok) return reading;
  return { ok: true, job: reading.job, already: (await database.jobs.get(reading.job.id)) ?? null };
}

/**
 * Stores an imported job: beside the one already here under a new number, or in its place.
 * @returns the stored job and, where one was replaced, that one for an undo
 */
export async function importJob(
  job: Job,
  how: "add" | "replace",
  database: OddSpokeDatabase = db,
): Promise<{ readonly stored: Job; readonly replaced: Job | null }> {
  keepForGood();
  return database.transaction("rw", jobTables(database), async () => {
    const already = (await database.jobs.get(job.id)) ?? null;
    const sameNumber = await database.entries.where("number").equals(job.number).toArray();
    const numberTaken = sameNumber.some((other) => other.id !== job.id);
    const asNew = how === "add" && already !== null;
    const number = asNew || numberTaken ? await nextNumber(database) : job.number;
    const named = { ...job, id: asNew ? newId() : job.id, number };
    // In the place of another it is later than both.
    const writes = already && !asNew ? joinedWrites(already.writes, job.writes) : job.writes;
    const stored = counted(undefined, withEvent({ ...named, writes }, new Date().toISOString(), "imported"));
    await putJob(database, stored);
    return { stored, replaced: asNew ? null : already };
  });
}

/**
 * Takes an import back. One that was worked on since is not thrown away: it stays, under an id and a number of its own.
 * @returns whether anything was kept beside
 */
export async function undoImport(
  { stored, replaced }: { readonly stored: Job; readonly replaced: Job | null },
  database: OddSpokeDatabase = db,
): Promise<boolean> {
  return database.transaction("rw", allJobTables(database), async () => {
    const now = await database.jobs.get(stored.id);
    const untouched = now === undefined || sameValue({ ...now, stage: stored.stage }, stored);
    await database.tickets.delete(stored.id);
    if (untouched && !replaced) await deleteJobs(database, [stored.id]);
    if (!untouched && replaced) await putJob(database, { ...now, id: newId(), number: await nextNumber(database) });
    if (replaced) await putJob(database, replaced);
    return !untouched;
  });
}
