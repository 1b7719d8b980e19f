/**
 * What can still be read where the database does not open as it should: of a newer version, held by another tab, or
 * spoilt in part. It is read as it lies, row by row, without the library and without changing its version, and packed
 * as a back-up that a page able to read it opens.
 */
import { SMALL_TABLES, type SmallTables } from "@/core/book/bundle";
import type { Packer } from "@/core/book/packing";
import { SETTING_KEYS } from "@/core/book/rows";
import type { Job } from "@/core/record";

export interface Rescue {
  readonly file: Blob;
  readonly madeAt: string;
  readonly jobs: number;
  /** Rows that could not be read. */
  readonly unread: number;
}

const JOBS_AT_ONCE = 100;

const answered = <Value>(request: IDBRequest<Value>): Promise<Value> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error("not read"));
  });

/** The database as it lies; null where there is none. */
function asItLies(name: string): Promise<IDBDatabase | null> {
  return new Promise((resolve, reject) => {
    const request = indexedDB.open(name);
    let isNew = false;
    request.onupgradeneeded = () => {
      // There was none: none is made.
      isNew = true;
      request.transaction?.abort();
    };
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => (isNew ? resolve(null) : reject(request.error ?? new Error("not opened")));
  });
}

/** Every row of one table that can be read, and how many cannot. */
async function rowsOf(database: IDBDatabase, table: string): Promise<{ rows: readonly unknown[]; unread: number }> {
  if (!database.objectStoreNames.contains(table)) return { rows: [], unread: 0 };
  const store = () => database.transaction(table).objectStore(table);
  const keys = await answered(store().getAllKeys());
  const rows: unknown[] = [];
  let unread = 0;
  for (const key of keys) {
    const row: unknown = await Promise.resolve()
      .then(() => answered(store().get(key)))
      .catch(() => undefined);
    if (row === undefined) unread += 1;
    else rows.push(row);
  }
  return { rows, unread };
}

interface KeptPhoto {
  readonly id: string;
  readonly jobId: string;
  readonly code: string;
  readonly takenAt: string;
  readonly image: unknown;
}

const isSetting = (row: unknown): row is { readonly key: string; readonly value: string; readonly at?: string } =>
  typeof row === "object" && row !== null && "key" in row && SETTING_KEYS.some((key) => key === row.key);

/**
 * Packs whatever can be read; null where there is nothing to read.
 * @throws DOMException where the browser gives no database at all
 */
export async function rescue(packer: Packer, name = "odd-spoke"): Promise<Rescue | null> {
  const database = await asItLies(name);
  if (!database) return null;
  try {
    const madeAt = new Date().toISOString();
    const read = new Map<string, readonly unknown[]>();
    let unread = 0;
    for (const table of ["jobs", "facts", ...SMALL_TABLES.filter((each) => each !== "settings")]) {
      const found = await rowsOf(database, table);
      read.set(table, found.rows);
      unread += found.unread;
    }
    const jobs = (read.get("jobs") ?? []) as readonly Job[];
    const photos = (read.get("photos") ?? []) as readonly KeptPhoto[];
    const settings = (read.get("facts") ?? []).filter(isSetting).map(({ key, value, at = "" }) => ({ key, value, at }));
    await packer.begin();
    for (let i = 0; i < jobs.length; i += JOBS_AT_ONCE) await packer.addJobs(jobs.slice(i, i + JOBS_AT_ONCE));
    const tables = {
      ...Object.fromEntries(SMALL_TABLES.map((table) => [table, read.get(table) ?? []])),
      photos: photos.map(({ id, jobId, code, takenAt }) => ({ id, jobId, code, takenAt })),
      settings,
    } as unknown as SmallTables;
    await packer.addTables(tables);
    for (const { id, image } of photos) if (image instanceof Blob) await packer.addPhoto(id, image);
    return { file: await packer.end(madeAt), madeAt, jobs: jobs.length, unread };
  } finally {
    database.close();
  }
}
