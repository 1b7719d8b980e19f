/**
 * Back-ups: everything in the book written as one file, and a file brought in beside what is here, so that nothing is
 * lost.
 */
import { SMALL_TABLES, type BundleList, type SmallTables } from "@/core/book/bundle";
import { fateCounts, meetTable, type FateCounts } from "@/core/book/merge";
import type { UnreadableJob } from "@/core/book/openBundle";
import type { JobFate, OpenedBook, Opener, Packer } from "@/core/book/packing";
import { SETTING_KEYS, type Setting } from "@/core/book/rows";
import type { Job } from "@/core/record";
import { db, type Fact, type OddSpokeDatabase } from "./db";
import { keepForGood } from "./health";
import { allJobTables, deleteJobs, jobTables, putJobs } from "./jobRows";
import { writeTyped } from "./changes";

/** Told how far the work is, 0 to 1. */
type Tell = (share: number) => void;

/** Jobs read from the database at once. */
const JOBS_AT_ONCE = 100;

const nowIso = (): string => new Date().toISOString();
const isSetting = (fact: Fact): fact is Fact & Pick<Setting, "key"> =>
  SETTING_KEYS.some((key) => key === (fact.key as string));

/** The small tables as a back-up holds them. */
async function smallTables(database: OddSpokeDatabase): Promise<SmallTables> {
  const [displays, classes, walks, faultCases, trials, photos, facts] = await Promise.all([
    database.displays.toArray(),
    database.classes.toArray(),
    database.walks.toArray(),
    database.faultCases.toArray(),
    database.trials.toArray(),
    database.photos.toArray(),
    database.facts.toArray(),
  ]);
  return {
    displays,
    classes,
    walks,
    faultCases,
    trials,
    photos: photos.map(({ id, jobId, code, takenAt }) => ({ id, jobId, code, takenAt })),
    settings: facts.filter(isSetting).map(({ key, value, at = "" }) => ({ key, value, at })),
  };
}

/** Which jobs a back-up is of: all of them, or these with what belongs to them. */
const ofJobs = (tables: SmallTables, ids: ReadonlySet<string> | null): SmallTables =>
  ids === null
    ? tables
    : {
        ...tables,
        displays: [],
        classes: [],
        walks: [],
        settings: [],
        faultCases: tables.faultCases.filter(({ jobId }) => jobId !== null && ids.has(jobId)),
        trials: tables.trials.filter(({ jobId }) => ids.has(jobId)),
        photos: tables.photos.filter(({ jobId }) => ids.has(jobId)),
      };

export interface WrittenBackup {
  readonly file: Blob;
  readonly madeAt: string;
  readonly jobs: number;
}

/**
 * Packs the book into one file. What is typed and waits is written first; a job that is changed meanwhile is in it
 * whole, as it was or as it became.
 * @param only ids of the jobs it is of; all where none are named
 */
export async function writeBackup(
  packer: Packer,
  tell: Tell = () => undefined,
  only: readonly string[] | null = null,
  database: OddSpokeDatabase = db,
): Promise<WrittenBackup> {
  await writeTyped(database);
  // Taken first: what changes while it is packed counts as changed since.
  const madeAt = nowIso();
  const ids = only ?? (await database.jobs.toCollection().primaryKeys());
  const tables = ofJobs(await smallTables(database), only && new Set(only));
  const steps = ids.length + tables.photos.length || 1;
  await packer.begin();
  for (let i = 0; i < ids.length; i += JOBS_AT_ONCE) {
    const jobs = await database.jobs.bulkGet(ids.slice(i, i + JOBS_AT_ONCE));
    await packer.addJobs(jobs.filter((job): job is Job => job !== undefined));
    tell(i / steps);
  }
  await packer.addTables(tables);
  for (const [i, { id }] of tables.photos.entries()) {
    const photo = await database.photos.get(id);
    if (photo) await packer.addPhoto(id, photo.image);
    tell((ids.length + i) / steps);
  }
  return { file: await packer.end(madeAt), madeAt, jobs: ids.length };
}

// ── brought in ──────────────────────────────────────

export interface RestoreOutlook {
  readonly list: BundleList;
  readonly jobs: readonly JobFate[];
  /** What becomes of the rows of each small table. */
  readonly tables: Readonly<Record<keyof SmallTables, FateCounts>>;
  readonly unreadable: readonly UnreadableJob[];
}

type SoundBook = Extract<OpenedBook, { ok: true }>;

const jobsHere = async (ids: readonly string[], database: OddSpokeDatabase): Promise<readonly Job[]> =>
  (await database.jobs.bulkGet([...new Set(ids)])).filter((job): job is Job => job !== undefined);

/** What bringing in an opened back-up would do; nothing is stored. */
export async function restoreOutlook(
  opened: SoundBook,
  opener: Opener,
  tell: Tell = () => undefined,
  database: OddSpokeDatabase = db,
): Promise<RestoreOutlook> {
  const jobs: JobFate[] = [];
  const unreadable: UnreadableJob[] = [];
  for (const [i, file] of opened.jobFiles.entries()) {
    const met = await opener.idsToMeet(file);
    unreadable.push(...met.unreadable);
    jobs.push(...(await opener.fates(file, await jobsHere(met.ids, database))));
    tell((i + 1) / opened.jobFiles.length);
  }
  const here = await smallTables(database);
  const fates = <Name extends keyof SmallTables>(name: Name) =>
    fateCounts(meetTable<Name>(name, here[name], opened.tables[name]));
  const tables = Object.fromEntries(SMALL_TABLES.map((name) => [name, fates(name)])) as RestoreOutlook["tables"];
  return { list: opened.list, jobs, tables, unreadable };
}

/** What stood in the book before a back-up was brought in, of the rows it wrote over; and the ids it added. */
interface Before {
  readonly jobs: Job[];
  readonly added: string[];
  readonly rows: Map<keyof SmallTables, { readonly was: unknown[]; readonly added: string[] }>;
}

/**
 * Brings an opened back-up in. Each file of jobs is written whole or not at all; brought in again after a stop, it goes
 * on where it stood.
 * @returns how to take it back; what was worked on since stays
 */
export async function restoreBook(
  opened: SoundBook,
  opener: Opener,
  tell: Tell = () => undefined,
  database: OddSpokeDatabase = db,
): Promise<{ readonly undo: () => Promise<void> }> {
  keepForGood();
  await writeTyped(database);
  const before: Before = { jobs: [], added: [], rows: new Map() };
  await database.facts.put({ key: "restoring", value: opened.list.madeAt });
  const written = new Map<string, string>();
  for (const [i, file] of opened.jobFiles.entries()) {
    for (const job of await bringIn(file, opener, before, database)) written.set(job.id, job.updatedAt);
    tell((i + 1) / (opened.jobFiles.length + 1));
  }
  await bringInTables(opened.tables, opener, before, database);
  await database.facts.delete("restoring");
  return { undo: () => takeBack(before, written, database) };
}

/** Writes the jobs of one file. A job that is changed while it is looked at is looked at again. */
async function bringIn(
  file: string,
  opener: Opener,
  before: Before,
  database: OddSpokeDatabase,
): Promise<readonly Job[]> {
  const { ids } = await opener.idsToMeet(file);
  for (;;) {
    const here = await jobsHere(ids, database);
    const puts = await opener.puts(file, here);
    const isWritten = await database.transaction("rw", jobTables(database), async () => {
      const now = await jobsHere(ids, database);
      const isAsSeen = now.length === here.length && now.every((job, i) => job.updatedAt === here[i]?.updatedAt);
      if (isAsSeen) await putJobs(database, puts);
      return isAsSeen;
    });
    if (!isWritten) continue;
    const put = new Set(puts.map(({ id }) => id));
    const known = new Set(here.map(({ id }) => id));
    before.jobs.push(...here.filter(({ id }) => put.has(id)));
    before.added.push(...[...put].filter((id) => !known.has(id)));
    return puts;
  }
}

/** Writes the small tables and the photos the book does not have. */
async function bringInTables(
  tables: SmallTables,
  opener: Opener,
  before: Before,
  database: OddSpokeDatabase,
): Promise<void> {
  const here = await smallTables(database);
  for (const name of SMALL_TABLES) await bringInTable(name, here, tables, opener, before, database);
}

async function bringInTable<Name extends keyof SmallTables>(
  name: Name,
  here: SmallTables,
  there: SmallTables,
  opener: Opener,
  before: Before,
  database: OddSpokeDatabase,
): Promise<void> {
  const met = meetTable<Name>(name, here[name], there[name]).filter(({ puts }) => puts.length > 0);
  const known = new Set(here[name].map((row) => ("key" in row ? row.key : row.id)));
  const keyed = met.flatMap(({ puts }) => puts.map((row) => ("key" in row ? row.key : row.id)));
  const table = database.table(name === "settings" ? "facts" : name);
  const was = (await table.bulkGet(keyed)).filter((row) => row !== undefined) as unknown[];
  before.rows.set(name, { was, added: keyed.filter((key) => !known.has(key)) });
  for (const { puts } of met)
    for (const row of puts)
      if (name === "photos" && "takenAt" in row) {
        const image = await opener.photo(row.id);
        if (image) await database.photos.put({ ...row, image });
      } else await table.put(row);
}

/** Puts the book back as it was; a job somebody has worked on since it was brought in stays. */
async function takeBack(
  before: Before,
  written: ReadonlyMap<string, string>,
  database: OddSpokeDatabase,
): Promise<void> {
  await database.transaction("rw", allJobTables(database), async () => {
    const entries = await database.entries.bulkGet([...written.keys()]);
    const untouched = new Set(
      entries.flatMap((entry) => (entry && written.get(entry.id) === entry.updatedAt ? [entry.id] : [])),
    );
    await deleteJobs(
      database,
      before.added.filter((id) => untouched.has(id)),
    );
    await putJobs(
      database,
      before.jobs.filter(({ id }) => untouched.has(id)),
    );
  });
  for (const [name, { was, added }] of before.rows) {
    const table = database.table(name === "settings" ? "facts" : name);
    await table.bulkDelete(added);
    await table.bulkPut(was);
  }
}
