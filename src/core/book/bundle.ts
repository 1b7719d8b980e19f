/**
 * A back-up: the whole book in one file. A zip archive (PKWARE APPNOTE 6.3) of jobs by the hundred, a table a file,
 * photos as they are, and a list of all with the SHA-256 of each (FIPS 180-4): what is damaged is known, and where. The
 * list comes last and carries a digest of itself.
 */
import { hash as sha256 } from "@stablelib/sha256";
import { strToU8, Zip, ZipDeflate, ZipPassThrough } from "fflate";
import type { Job } from "../record";
import { canonicalJson, sha256Hex } from "../record/seal";
import { withoutFields } from "../units/withoutFields";
import type { Book } from "./rows";

export const BOOK_FORMAT = "odd-spoke/book";
export const BOOK_VERSION = 1;
/** The list of all that is in a back-up. */
export const LIST_NAME = "book.json";

/** Jobs in one file of the archive: few enough to be held at once, many enough to pack well. */
export const JOBS_A_FILE = 100;

/** Tables that are written whole; jobs and pictures are written as they come. */
export type SmallTables = Omit<Book, "jobs">;
export const SMALL_TABLES = [
  "displays",
  "classes",
  "walks",
  "faultCases",
  "trials",
  "photos",
  "settings",
] as const satisfies readonly (keyof SmallTables)[];

/** One file of the archive. A type, not an interface: it is written as JSON. */
export type ListedFile = {
  readonly name: string;
  readonly bytes: number;
  readonly sha256: string;
};

export interface BundleList {
  readonly format: typeof BOOK_FORMAT;
  readonly version: number;
  readonly madeAt: string;
  readonly jobs: number;
  readonly files: readonly ListedFile[];
  /** SHA-256 of all the above as canonical JSON. */
  readonly digest: string;
}

export const hexOf = (bytes: Uint8Array): string =>
  Array.from(sha256(bytes), (byte) => byte.toString(16).padStart(2, "0")).join("");

export const digestOfList = (list: BundleList): string => sha256Hex(canonicalJson(withoutFields(list, "digest")));

export const tableFile = (name: keyof SmallTables): string => `tables/${name}.json`;
export const photoFile = (id: string): string => `photos/${id}`;
const jobsFile = (index: number): string => `jobs/${String(index + 1).padStart(5, "0")}.ndjson`;

export interface BundleWriter {
  /** Adds jobs, in the order they come. */
  readonly addJobs: (jobs: readonly Job[]) => void;
  readonly addTables: (tables: SmallTables) => void;
  readonly addPhoto: (id: string, image: Uint8Array) => void;
  /** Ends the file; nothing can be added after. */
  readonly end: (madeAt: string) => void;
}

/** Every file of the archive bears this date, so that the same book gives the same bytes. */
const NO_DATE = new Date(1980, 0, 1);

/** Writes a back-up piece by piece; `out` gets its bytes in order, as they are made. */
export function bundleWriter(out: (bytes: Uint8Array) => void): BundleWriter {
  const files: ListedFile[] = [];
  let waiting: Job[] = [];
  let jobCount = 0;
  let jobFiles = 0;
  const zip = new Zip((error, bytes) => {
    if (error) throw error;
    out(bytes);
  });
  const add = (name: string, bytes: Uint8Array, isPacked = false) => {
    files.push({ name, bytes: bytes.length, sha256: hexOf(bytes) });
    put(name, bytes, isPacked);
  };
  const put = (name: string, bytes: Uint8Array, isPacked: boolean) => {
    const entry = isPacked ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 6 });
    entry.mtime = NO_DATE;
    zip.add(entry);
    entry.push(bytes, true);
  };
  const flush = (least: number) => {
    while (waiting.length >= least && waiting.length > 0) {
      const batch = waiting.slice(0, JOBS_A_FILE);
      waiting = waiting.slice(JOBS_A_FILE);
      add(jobsFile(jobFiles), strToU8(batch.map((job) => `${JSON.stringify(job)}\n`).join("")));
      jobFiles += 1;
    }
  };
  return {
    addJobs: (jobs) => {
      waiting.push(...jobs);
      jobCount += jobs.length;
      flush(JOBS_A_FILE);
    },
    addTables: (tables) => {
      for (const name of SMALL_TABLES) add(tableFile(name), strToU8(JSON.stringify(tables[name])));
    },
    addPhoto: (id, image) => add(photoFile(id), image, true),
    end: (madeAt) => {
      flush(1);
      const list = { format: BOOK_FORMAT, version: BOOK_VERSION, madeAt, jobs: jobCount, files, digest: "" } as const;
      const listed: BundleList = { ...list, digest: digestOfList(list) };
      put(LIST_NAME, strToU8(JSON.stringify(listed)), false);
      zip.end();
    },
  };
}

/** A whole book as one back-up; `images` holds the picture of each photo by its id. */
export function writeBundle(book: Book, images: ReadonlyMap<string, Uint8Array>, madeAt: string): Uint8Array {
  const parts: Uint8Array[] = [];
  const writer = bundleWriter((bytes) => parts.push(bytes));
  writer.addJobs(book.jobs);
  writer.addTables(book);
  for (const { id } of book.photos) {
    const image = images.get(id);
    if (image) writer.addPhoto(id, image);
  }
  writer.end(madeAt);
  return joinedBytes(parts);
}

export function joinedBytes(parts: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}
