/** Jobs in the database: read whole, written whole, never half. */
import { newJob, withEvent, type Job } from "@/core/record";
import type { JobFileReading } from "@/core/record/jobFile";
import { db, type OddSpokeDatabase } from "./db";

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

/** Adds an empty job with the next free number. */
export async function addJob(database: OddSpokeDatabase = db): Promise<Job> {
  return database.transaction("rw", database.jobs, async () => {
    const last = await database.jobs.orderBy("number").last();
    const job = newJob(
      crypto.randomUUID?.() ?? `job-${Date.now()}-${Math.floor(Math.random() * 1e9)}`,
      (last?.number ?? 0) + 1,
      nowIso(),
    );
    await database.jobs.add(job);
    return job;
  });
}

/**
 * Changes a job in one transaction. `change` gets the stored job, so that two quick edits cannot undo each other.
 * @throws Error when the job is gone
 */
export async function changeJob(id: string, change: (job: Job) => Job, database: OddSpokeDatabase = db): Promise<void> {
  await database.transaction("rw", database.jobs, async () => {
    const job = await database.jobs.get(id);
    if (!job) throw new Error(`job ${id} is not on this machine`);
    const next = change(job);
    if (next !== job) await database.jobs.put({ ...next, updatedAt: nowIso() });
  });
}

/** Takes jobs off the machine and hands them back, for an undo. */
export async function removeJobs(ids: readonly string[], database: OddSpokeDatabase = db): Promise<readonly Job[]> {
  return database.transaction("rw", database.jobs, async () => {
    const jobs = (await database.jobs.bulkGet([...ids])).filter((job): job is Job => job !== undefined);
    await database.jobs.bulkDelete([...ids]);
    return jobs;
  });
}

/** Puts jobs back as they were. */
export async function restoreJobs(jobs: readonly Job[], database: OddSpokeDatabase = db): Promise<void> {
  await database.jobs.bulkPut([...jobs]);
}

/** Puts the demo bikes back as they come. */
export async function loadDemo(database: OddSpokeDatabase = db): Promise<void> {
  await database.jobs.bulkPut([...(await demoJobs())]);
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
  return database.transaction("rw", database.jobs, async () => {
    const already = (await database.jobs.get(job.id)) ?? null;
    const numberTaken = (await database.jobs.where("number").equals(job.number).toArray()).some(
      (other) => other.id !== job.id,
    );
    const last = await database.jobs.orderBy("number").last();
    const asNew = how === "add" && already !== null;
    const number = asNew || numberTaken ? (last?.number ?? 0) + 1 : job.number;
    const stored = withEvent(
      { ...job, id: asNew ? (crypto.randomUUID?.() ?? `${job.id}-${number}`) : job.id, number },
      nowIso(),
      "imported",
    );
    await database.jobs.put(stored);
    return { stored, replaced: asNew ? null : already };
  });
}

/** Remembers that something left this machine as a file. */
export async function noteExport(database: OddSpokeDatabase = db): Promise<void> {
  await database.facts.put({ key: "last-export", value: nowIso() });
}
