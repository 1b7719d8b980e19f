/** Jobs in the database: read whole, written whole, never half. */
import { newJob, sameValue, withEvent, type Job } from "@/core/record";
import type { JobFileReading } from "@/core/record/jobFile";
import { LARGEST_JOB_NUMBER } from "@/core/units/limits";
import { db, type OddSpokeDatabase } from "./db";
import { keepForGood } from "./health";
import { newId } from "./displays";

const nowIso = (): string => new Date().toISOString();

/** The demo bikes are loaded when they are asked for: most visits never do. */
const demoJobs = async (): Promise<readonly Job[]> => (await import("@/catalog/demo/workshop")).demoJobs();

/** Puts the demo bikes on the rack the first time this copy is opened. */
export async function seedOnce(database: OddSpokeDatabase = db): Promise<void> {
  if (await database.facts.get("seeded")) return;
  // Worked out before the transaction: a browser ends one that waits for anything but the database.
  const jobs = await demoJobs();
  await database.transaction("rw", database.jobs, database.facts, async () => {
    if (await database.facts.get("seeded")) return;
    if ((await database.jobs.count()) === 0) await database.jobs.bulkPut([...jobs]);
    await database.facts.put({ key: "seeded", value: nowIso() });
  });
}

/** All jobs, lowest number first. */
export const allJobs = (database: OddSpokeDatabase = db): Promise<Job[]> => database.jobs.orderBy("number").toArray();

export const getJob = (id: string, database: OddSpokeDatabase = db): Promise<Job | undefined> => database.jobs.get(id);

/** The number after the last one, or the lowest free one where the last is the largest a ticket takes. */
async function nextNumber(database: OddSpokeDatabase): Promise<number> {
  const last = (await database.jobs.orderBy("number").last())?.number ?? 0;
  if (last < LARGEST_JOB_NUMBER) return last + 1;
  const taken = new Set(await database.jobs.orderBy("number").keys());
  let free = 1;
  while (taken.has(free)) free += 1;
  return free;
}

/** Adds an empty job with the next free number. */
export async function addJob(database: OddSpokeDatabase = db): Promise<Job> {
  keepForGood();
  return database.transaction("rw", database.jobs, async () => {
    const job = newJob(newId(), await nextNumber(database), nowIso());
    await database.jobs.add(job);
    return job;
  });
}

/** Takes jobs off the machine and hands them back, for an undo. */
export async function removeJobs(ids: readonly string[], database: OddSpokeDatabase = db): Promise<readonly Job[]> {
  return database.transaction("rw", database.jobs, database.tickets, async () => {
    const jobs = (await database.jobs.bulkGet([...ids])).filter((job): job is Job => job !== undefined);
    await database.jobs.bulkDelete([...ids]);
    await database.tickets.bulkDelete([...ids]);
    return jobs;
  });
}

/** Puts jobs that were taken off back as they were; one that is there again meanwhile stays as it is now. */
export async function restoreJobs(jobs: readonly Job[], database: OddSpokeDatabase = db): Promise<void> {
  await database.transaction("rw", database.jobs, async () => {
    const there = new Set(await database.jobs.toCollection().primaryKeys());
    await database.jobs.bulkAdd(jobs.filter(({ id }) => !there.has(id)));
  });
}

/** Puts the demo bikes back as they come. */
export async function loadDemo(database: OddSpokeDatabase = db): Promise<void> {
  await restoreJobs(await demoJobs(), database);
}

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
  return database.transaction("rw", database.jobs, async () => {
    const already = (await database.jobs.get(job.id)) ?? null;
    const sameNumber = await database.jobs.where("number").equals(job.number).toArray();
    const numberTaken = sameNumber.some((other) => other.id !== job.id);
    const asNew = how === "add" && already !== null;
    const number = asNew || numberTaken ? await nextNumber(database) : job.number;
    const stored = withEvent({ ...job, id: asNew ? newId() : job.id, number }, nowIso(), "imported");
    await database.jobs.put(stored);
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
  return database.transaction("rw", database.jobs, database.tickets, async () => {
    const now = await database.jobs.get(stored.id);
    const untouched = now === undefined || sameValue({ ...now, stage: stored.stage }, stored);
    await database.tickets.delete(stored.id);
    if (untouched && !replaced) await database.jobs.delete(stored.id);
    if (!untouched && replaced) await database.jobs.add({ ...now, id: newId(), number: await nextNumber(database) });
    if (replaced) await database.jobs.put(replaced);
    return !untouched;
  });
}

/** Remembers that something left this machine as a file. */
export async function noteExport(database: OddSpokeDatabase = db): Promise<void> {
  await database.facts.put({ key: "last-export", value: nowIso() });
}
