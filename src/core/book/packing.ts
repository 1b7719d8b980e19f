/** What packs and opens back-ups, wherever it runs: asked piece by piece, so that no book need be held at once. */
import type { Job } from "../record";
import type { BundleList, SmallTables } from "./bundle";
import type { Fate, Met } from "./merge";
import type { BundleProblem, UnreadableJob } from "./openBundle";

export interface Packer {
  readonly begin: () => Promise<void>;
  readonly addJobs: (jobs: readonly Job[]) => Promise<void>;
  readonly addTables: (tables: SmallTables) => Promise<void>;
  readonly addPhoto: (id: string, image: Blob) => Promise<void>;
  /** The whole file; nothing can be added after. */
  readonly end: (madeAt: string) => Promise<Blob>;
}

/** A back-up as it was opened; its jobs are read a file at a time. */
export type OpenedBook =
  | {
      readonly ok: true;
      readonly list: BundleList;
      readonly tables: SmallTables;
      readonly jobFiles: readonly string[];
    }
  | { readonly ok: false; readonly problem: BundleProblem };

/** One job of a back-up as the preview tells it. */
export interface JobFate {
  readonly id: string;
  readonly fate: Fate;
  readonly number: number;
  readonly nickname: string;
  /** When it was last worked on here; null where it is not here. */
  readonly hereAt: string | null;
  readonly thereAt: string;
}

export interface Opener {
  readonly open: (file: Blob, tell: (share: number) => void) => Promise<OpenedBook>;
  /** Ids the jobs of one file may meet here, and what of it cannot be read. */
  readonly idsToMeet: (
    file: string,
  ) => Promise<{ readonly ids: readonly string[]; readonly unreadable: readonly UnreadableJob[] }>;
  /** What becomes of each of them, given the jobs of those ids here. */
  readonly fates: (file: string, here: readonly Job[]) => Promise<readonly JobFate[]>;
  /** The jobs to be written for them. */
  readonly puts: (file: string, here: readonly Job[]) => Promise<readonly Job[]>;
  /** The picture of a photo; null where the file has none. */
  readonly photo: (id: string) => Promise<Blob | null>;
}

export const jobFate = ({ id, fate, here, there }: Met<Job>): JobFate => ({
  id,
  fate,
  number: there.number,
  nickname: there.intake.nickname ?? "",
  hereAt: here?.updatedAt ?? null,
  thereAt: there.updatedAt,
});
