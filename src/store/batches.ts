/** Batches: one sheet on several bikes, each a job of its own that knows the batch it belongs to. */
import { inOrder, joined, letGo, likeBike, newBatch, notInto, parted, type NotInto } from "@/core/batch";
import type { Job } from "@/core/record";
import type { Batch } from "@/core/record/job";
import type { BookEntry } from "@/core/book/entry";
import { changeJob } from "./changes";
import { db, type OddSpokeDatabase } from "./db";
import { keepForGood } from "./health";
import { counted, deleteJobs, allJobTables, jobTables, putJob } from "./jobRows";
import { nextNumber } from "./addJob";
import { newId } from "./newId";

const nowIso = (): string => new Date().toISOString();

/** The bikes of a batch in working order; a record told apart from another is no bike of its own. */
export async function bikesOf(batchId: string, database: OddSpokeDatabase = db): Promise<readonly Job[]> {
  const ids = await database.entries.where("batchId").equals(batchId).primaryKeys();
  const jobs = (await database.jobs.bulkGet(ids)).filter((job): job is Job => job !== undefined);
  const known = new Set(ids);
  return inOrder(jobs.filter(({ twinOf }) => twinOf === null || !known.has(twinOf)));
}

/** Every bike that belongs to a batch, as the book lists it. */
export const batchEntries = (database: OddSpokeDatabase = db): Promise<BookEntry[]> =>
  // Bikes on their own have none, and stand in no index of them.
  database.entries.where("batchId").above("").toArray();

/** Bikes that could be taken in: not begun, not gone, with the same display or none. */
export async function bikesForBatch(batch: Batch, database: OddSpokeDatabase = db): Promise<readonly Job[]> {
  const ids = await database.entries.filter(({ place, batchId }) => place !== "gone" && batchId === null).primaryKeys();
  const jobs = (await database.jobs.bulkGet(ids)).filter((job): job is Job => job !== undefined);
  return jobs.filter((job) => notInto(job, batch) === null);
}

/** Most bikes that are added in one go. */
export const MOST_ADDED = 60;

export interface Added {
  /** What the new bikes are called; one is made for each. */
  readonly names: readonly string[];
  /** Ids of jobs that are taken in. */
  readonly picked: readonly string[];
}

/** A bike that could not be taken in; one that has gone from the book meanwhile is not here. */
export interface Refused {
  readonly id: string;
  readonly why: NotInto | "not-here";
}

export interface AddedDeed {
  readonly batchId: string;
  readonly bikes: readonly string[];
  /** Those that could not be taken in any more, and why. */
  readonly refused: readonly Refused[];
  readonly undo: () => Promise<void>;
}

/** Begins a batch with the sheet of a bike; null where that bike is gone or has no sheet to lend. */
export async function beginBatch(
  patternId: string,
  name: string,
  added: Added,
  database: OddSpokeDatabase = db,
): Promise<AddedDeed | null> {
  const pattern = await database.jobs.get(patternId);
  const batch = pattern && newBatch(pattern, { id: newId(), name, at: nowIso() });
  return batch ? addBikes(batch, pattern, added, database) : null;
}

/** Adds bikes to a batch that has some: new ones like the first of them, and others already in the book. */
export async function addToBatch(
  batchId: string,
  added: Added,
  database: OddSpokeDatabase = db,
): Promise<AddedDeed | null> {
  const [first] = await bikesOf(batchId, database);
  if (!first?.batch) return null;
  // New bikes are like the one the sheet was made on; where that is not in this book any more, like what it left here.
  const pattern = (await database.jobs.get(first.batch.from.jobId)) ?? { ...first, intake: first.batch.intake };
  return addBikes(first.batch, pattern, added, database);
}

async function addBikes(
  batch: Batch,
  pattern: Job,
  { names, picked }: Added,
  database: OddSpokeDatabase,
): Promise<AddedDeed | null> {
  const { profile } = pattern;
  if (!profile) return null;
  keepForGood();
  const at = nowIso();
  const made = await database.transaction("rw", jobTables(database), async () => {
    const from = (await placesTaken(batch.id, database)) + picked.length;
    const bikes: Job[] = [];
    for (const [i, nickname] of names.slice(0, MOST_ADDED).entries()) {
      const like = likeBike(pattern, { id: newId(), number: await nextNumber(database), nickname, at });
      const bike = counted(undefined, joined(like, batch, profile, from + i + 1, at));
      await putJob(database, bike);
      bikes.push(bike);
    }
    return bikes;
  });
  const first = (await placesTaken(batch.id, database, new Set(made.map(({ id }) => id)))) + 1;
  const refused: Refused[] = [];
  const undos: (() => Promise<void>)[] = [];
  for (const [i, id] of picked.entries()) {
    let why: NotInto | null = null;
    const change = await changeJob(
      id,
      (job) => {
        why = notInto(job, batch);
        return joined(job, batch, profile, first + i, at);
      },
      database,
    ).catch(() => null);
    if (change && why === null) undos.push(() => change.undo("taken into the batch"));
    else refused.push({ id, why: why ?? "not-here" });
  }
  return {
    batchId: batch.id,
    bikes: made.map(({ id }) => id),
    refused,
    undo: async () => {
      await takeOut(made, database);
      for (const undo of undos) await undo();
    },
  };
}

/** The highest place taken in a batch. */
async function placesTaken(
  batchId: string,
  database: OddSpokeDatabase,
  but: ReadonlySet<string> = new Set(),
): Promise<number> {
  const bikes = await bikesOf(batchId, database);
  return Math.max(0, ...bikes.filter(({ id }) => !but.has(id)).map(({ batch }) => batch?.place ?? 0));
}

/** Takes bikes that were made out again; one somebody has worked on since stays. */
const takeOut = (made: readonly Job[], database: OddSpokeDatabase): Promise<void> =>
  database.transaction("rw", allJobTables(database), async () => {
    const now = await database.jobs.bulkGet(made.map(({ id }) => id));
    const untouched = made.filter(({ updatedAt }, i) => now[i]?.updatedAt === updatedAt);
    await deleteJobs(
      database,
      untouched.map(({ id }) => id),
    );
  });

export interface ManyChanged {
  /** How many were really changed. */
  readonly changed: number;
  readonly undo: (what: string) => Promise<void>;
}

/** Changes several bikes, each whole and on its own: one that is gone keeps no other back. */
export async function changeBikes(
  ids: readonly string[],
  change: (job: Job, at: string) => Job,
  database: OddSpokeDatabase = db,
): Promise<ManyChanged> {
  const at = nowIso();
  const undos: ((what: string) => Promise<void>)[] = [];
  for (const id of ids) {
    let moved = false;
    const done = await changeJob(
      id,
      (job) => {
        const next = change(job, at);
        moved = next !== job;
        return next;
      },
      database,
    ).catch(() => null);
    if (done && moved) undos.push(done.undo);
  }
  return {
    changed: undos.length,
    undo: async (what) => {
      for (const undo of undos) await undo(what);
    },
  };
}

/** Calls a batch something else, on every bike of it. */
export const renameBatch = async (
  batchId: string,
  name: string,
  database: OddSpokeDatabase = db,
): Promise<ManyChanged> =>
  changeBikes(
    (await bikesOf(batchId, database)).map(({ id }) => id),
    (job) => (job.batch && job.batch.name !== name ? { ...job, batch: { ...job.batch, name } } : job),
    database,
  );

/** Takes a bike out of its batch; it stays in the book. */
export const leaveBatch = (id: string, database: OddSpokeDatabase = db): Promise<ManyChanged> =>
  changeBikes([id], parted, database);

/** Hands several bikes over, each with its own seal; one that is not ready any more stays. */
export const handOverBikes = (ids: readonly string[], database: OddSpokeDatabase = db): Promise<ManyChanged> =>
  changeBikes(ids, letGo, database);
