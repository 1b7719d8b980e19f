/**
 * Reads a back-up. Nothing in it is trusted: every file is held against the list, the list against its own digest, and
 * each job against the schema. It is taken whole or refused with where it is damaged; a job that another product wrote
 * into a sound file is named and left out.
 */
import { strFromU8, unzipSync, type UnzipFileInfo } from "fflate";
import * as v from "valibot";
import { migrateProfile } from "../display/migrate";
import type { DisplayProfile } from "../display";
import type { FaultCase } from "../faults";
import type { TypedClass } from "../law/ownClass";
import type { Job } from "../record";
import { readKeptJob, type JobFileProblem } from "../record/jobFile";
import type { LineTrial } from "../record/lineTrial";
import { BOOK_FORMAT, BOOK_VERSION, digestOfList, hexOf, LIST_NAME, photoFile, tableFile } from "./bundle";
import type { BundleList, SmallTables } from "./bundle";
import { SETTING_KEYS, type KeptWalk } from "./rows";

export type BundleProblem =
  /** No archive, or one with no list of ours in it. */
  | { readonly key: "bundle.not-one" }
  /** The end of the archive is missing. */
  | { readonly key: "bundle.cut-short" }
  | { readonly key: "bundle.newer"; readonly version: number; readonly accepted: number }
  /** A file that is missing, or holds something else than the list says. */
  | { readonly key: "bundle.damaged"; readonly file: string }
  /** A file nobody listed. */
  | { readonly key: "bundle.unlisted"; readonly file: string }
  /** A row of a sound file that is none of ours. */
  | { readonly key: "bundle.row"; readonly file: string; readonly path: string; readonly detail: string };

/** A job of a sound file that cannot be taken, and where it stands. */
export interface UnreadableJob {
  readonly file: string;
  /** Line of the file, counted from 1. */
  readonly line: number;
  readonly problem: JobFileProblem;
}

export interface OpenBundle {
  readonly list: BundleList;
  readonly tables: SmallTables;
  /** Files that hold jobs, in order. */
  readonly jobFiles: readonly string[];
  /** Jobs of one of them, each in the present format. */
  readonly readJobs: (file: string) => { readonly jobs: readonly Job[]; readonly unreadable: readonly UnreadableJob[] };
  /** The picture of a photo; null where the file has none. */
  readonly photo: (id: string) => Uint8Array | null;
}

export type BundleReading =
  { readonly ok: true; readonly bundle: OpenBundle } | { readonly ok: false; readonly problem: BundleProblem };

const Id = v.pipe(v.string(), v.regex(/^[a-z0-9-]{1,80}$/i));
const Hex = v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/));
const Count = v.pipe(v.number(), v.integer(), v.minValue(0));
const Head = v.looseObject({ format: v.literal(BOOK_FORMAT), version: v.pipe(v.number(), v.integer()) });
const List = v.strictObject({
  format: v.literal(BOOK_FORMAT),
  version: v.literal(BOOK_VERSION),
  madeAt: v.pipe(v.string(), v.isoTimestamp()),
  jobs: Count,
  files: v.array(v.strictObject({ name: v.string(), bytes: Count, sha256: Hex })),
  digest: Hex,
});
const WritesSchema = v.record(v.string(), Count);

/** What a row must be for the rest of the product to find its way in it; its text is kept as it is. */
const ROWS = {
  displays: v.looseObject({
    id: Id,
    updatedAt: v.string(),
    writes: WritesSchema,
    profile: v.pipe(
      v.unknown(),
      v.transform(migrateProfile),
      v.looseObject({ id: v.string(), name: v.string(), lines: v.array(v.looseObject({ code: v.string() })) }),
      v.transform((profile) => profile as unknown as DisplayProfile),
    ),
  }),
  classes: v.strictObject({
    id: Id,
    typed: v.pipe(
      v.record(v.string(), v.string()),
      v.transform((typed) => typed as TypedClass),
    ),
    begunAt: v.string(),
    writes: WritesSchema,
  }),
  walks: v.pipe(
    v.looseObject({ id: Id, setup: v.looseObject({}), answers: v.array(v.unknown()) }),
    v.transform((row) => row as unknown as KeptWalk),
  ),
  faultCases: v.pipe(
    v.looseObject({
      id: Id,
      signs: v.array(v.string()),
      changed: v.array(v.string()),
      answers: v.array(v.unknown()),
      begunAt: v.string(),
    }),
    v.transform((row) => row as unknown as FaultCase),
  ),
  trials: v.pipe(
    v.looseObject({ id: Id, jobId: Id, code: v.string(), measured: v.array(v.string()), begunAt: v.string() }),
    v.transform((row) => row as unknown as LineTrial),
  ),
  photos: v.strictObject({ id: Id, jobId: Id, code: v.string(), takenAt: v.string() }),
  settings: v.strictObject({ key: v.picklist(SETTING_KEYS), value: v.string(), at: v.string() }),
} as const;

class Refused extends Error {
  constructor(readonly problem: BundleProblem) {
    super(problem.key);
  }
}

/** One file of the archive; null where it is not there or cannot be unpacked to what it says it is. */
function unpacked(archive: Uint8Array, name: string, mostBytes: number): Uint8Array | null {
  try {
    const found = unzipSync(archive, {
      filter: (file) => file.name === name && file.originalSize <= mostBytes,
    });
    return found[name] ?? null;
  } catch {
    return null;
  }
}

/** More than any honest list of files, bytes. */
const LARGEST_LIST = 50_000_000;

function listOf(archive: Uint8Array): { readonly list: BundleList; readonly inside: readonly UnzipFileInfo[] } {
  const inside: UnzipFileInfo[] = [];
  try {
    unzipSync(archive, {
      filter: (file) => {
        inside.push(file);
        return false;
      },
    });
  } catch {
    const begins = archive[0] === 0x50 && archive[1] === 0x4b;
    throw new Refused({ key: begins ? "bundle.cut-short" : "bundle.not-one" });
  }
  if (!inside.some(({ name }) => name === LIST_NAME)) throw new Refused({ key: "bundle.not-one" });
  const bytes = unpacked(archive, LIST_NAME, LARGEST_LIST);
  const data = bytes && parsedJson(strFromU8(bytes));
  const head = v.safeParse(Head, data);
  if (head.success && head.output.version > BOOK_VERSION)
    throw new Refused({ key: "bundle.newer", version: head.output.version, accepted: BOOK_VERSION });
  const list = v.safeParse(List, data);
  if (!list.success || digestOfList(list.output) !== list.output.digest)
    throw new Refused({ key: "bundle.damaged", file: LIST_NAME });
  return { list: list.output, inside };
}

function parsedJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}

/** Every file of the archive is listed, and every listed one is there as it was written. */
function held(archive: Uint8Array, list: BundleList, inside: readonly UnzipFileInfo[], onFile: OnFile): void {
  const listed = new Set(list.files.map(({ name }) => name));
  const stray = inside.find(({ name }) => name !== LIST_NAME && !listed.has(name));
  if (stray) throw new Refused({ key: "bundle.unlisted", file: stray.name.slice(0, 80) });
  list.files.forEach(({ name, bytes, sha256 }, i) => {
    const file = unpacked(archive, name, bytes);
    if (!file || file.length !== bytes || hexOf(file) !== sha256)
      throw new Refused({ key: "bundle.damaged", file: name });
    onFile(i + 1, list.files.length);
  });
}

/** The rows of one small table, each as the product would have written it. */
function rowsOf<Name extends keyof SmallTables>(archive: Uint8Array, list: BundleList, name: Name): SmallTables[Name] {
  const file = tableFile(name);
  const size = list.files.find((each) => each.name === file)?.bytes;
  // A table that came later than the file: there was none.
  if (size === undefined) return [] as unknown as SmallTables[Name];
  const bytes = unpacked(archive, file, size);
  const parsed = v.safeParse(v.array(ROWS[name] as v.GenericSchema), bytes && parsedJson(strFromU8(bytes)));
  if (parsed.success) return parsed.output as unknown as SmallTables[Name];
  const [issue] = parsed.issues;
  throw new Refused({ key: "bundle.row", file, path: v.getDotPath(issue) ?? "", detail: issue.message });
}

/** Told after each file that was looked at. */
type OnFile = (done: number, all: number) => void;

/** Opens a back-up and holds all of it against its list. Never throws: what is wrong is named. */
export function openBundle(archive: Uint8Array, onFile: OnFile = () => undefined): BundleReading {
  try {
    const { list, inside } = listOf(archive);
    held(archive, list, inside, onFile);
    const sizes = new Map(list.files.map(({ name, bytes }) => [name, bytes]));
    const read = (name: string): Uint8Array | null => {
      const size = sizes.get(name);
      return size === undefined ? null : unpacked(archive, name, size);
    };
    return {
      ok: true,
      bundle: {
        list,
        tables: {
          displays: rowsOf(archive, list, "displays"),
          classes: rowsOf(archive, list, "classes"),
          walks: rowsOf(archive, list, "walks"),
          faultCases: rowsOf(archive, list, "faultCases"),
          trials: rowsOf(archive, list, "trials"),
          photos: rowsOf(archive, list, "photos"),
          settings: rowsOf(archive, list, "settings"),
        },
        jobFiles: list.files.flatMap(({ name }) => (name.startsWith("jobs/") ? [name] : [])),
        readJobs: (file) => readJobs(file, read(file)),
        photo: (id) => read(photoFile(id)),
      },
    };
  } catch (error) {
    if (error instanceof Refused) return { ok: false, problem: error.problem };
    throw error;
  }
}

function readJobs(file: string, bytes: Uint8Array | null): ReturnType<OpenBundle["readJobs"]> {
  const lines = bytes
    ? strFromU8(bytes)
        .split("\n")
        .filter((line) => line !== "")
    : [];
  const jobs: Job[] = [];
  const unreadable: UnreadableJob[] = [];
  lines.forEach((line, i) => {
    const reading = readKeptJob(parsedJson(line));
    if (reading.ok) jobs.push(reading.job);
    else unreadable.push({ file, line: i + 1, problem: reading.problem });
  });
  return { jobs, unreadable };
}
