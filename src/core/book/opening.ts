/** A back-up that is looked into: opened once, its jobs read a file at a time and put beside those that are here. */
import type { Job } from "../record";
import { idsToMeet, meetTable } from "./merge";
import { openBundle, type OpenBundle, type UnreadableJob } from "./openBundle";
import { jobFate, type JobFate, type OpenedBook } from "./packing";

/** Looks into one back-up after another. */
export interface Opening {
  /** Opens an archive in the place of the one before. */
  readonly open: (archive: Uint8Array, tell: (share: number) => void) => OpenedBook;
  readonly idsToMeet: (file: string) => {
    readonly ids: readonly string[];
    readonly unreadable: readonly UnreadableJob[];
  };
  readonly fates: (file: string, here: readonly Job[]) => readonly JobFate[];
  readonly puts: (file: string, here: readonly Job[]) => readonly Job[];
  /** The bytes of a photo; null where the archive has none. */
  readonly photo: (id: string) => Uint8Array | null;
}

/** @throws Error where it is asked before anything was opened */
export function newOpening(): Opening {
  let opened: OpenBundle | null = null;
  /** The jobs read last: a file is asked for more than once in a row. */
  let lastRead: { readonly file: string; readonly read: ReturnType<OpenBundle["readJobs"]> } | null = null;
  const bundle = (): OpenBundle => {
    if (!opened) throw new Error("no back-up is open");
    return opened;
  };
  const jobsIn = (file: string) => {
    if (lastRead?.file !== file) lastRead = { file, read: bundle().readJobs(file) };
    return lastRead.read;
  };
  return {
    open: (archive, tell) => {
      [opened, lastRead] = [null, null];
      const reading = openBundle(archive, (done, all) => tell(done / all));
      if (!reading.ok) return reading;
      opened = reading.bundle;
      const { list, tables, jobFiles } = reading.bundle;
      return { ok: true, list, tables, jobFiles };
    },
    idsToMeet: (file) => {
      const { jobs, unreadable } = jobsIn(file);
      return { ids: jobs.flatMap((job) => idsToMeet("jobs", job)), unreadable };
    },
    fates: (file, here) => meetTable("jobs", here, jobsIn(file).jobs).map(jobFate),
    puts: (file, here) => meetTable("jobs", here, jobsIn(file).jobs).flatMap(({ puts }) => puts),
    photo: (id) => bundle().photo(id),
  };
}
