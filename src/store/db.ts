/**
 * The browser's own database: jobs and a few facts about this copy. Every schema change is a numbered, named step here.
 */
import Dexie, { type EntityTable, type Transaction } from "dexie";
import type { DisplayProfile } from "@/core/display";
import type { Job } from "@/core/record";
import type { Ticket } from "@/core/record/ticket";

export interface Fact {
  readonly key: "seeded" | "last-export" | "single-keys";
  readonly value: string;
}

/** A display described in this workshop. */
export interface OwnDisplay {
  readonly id: string;
  readonly profile: DisplayProfile;
  readonly updatedAt: string;
}

/** A photo of one line as found, made small before it is kept. */
export interface Photo {
  readonly id: string;
  readonly jobId: string;
  readonly code: string;
  readonly takenAt: string;
  readonly image: Blob;
}

/** What the rack says of a job, kept until the job changes. */
export interface KeptTicket {
  readonly id: string;
  /** `updatedAt` of the job it was worked out from, and the build that worked it out. */
  readonly of: string;
  readonly ticket: Ticket;
}

/** Brings every job, and the display it carries, up to the present format. */
async function bringJobsUp(upgrade: Transaction): Promise<void> {
  const { migrateJob } = await Dexie.waitFor(import("@/core/record/migrateJob"));
  await upgrade
    .table("jobs")
    .toCollection()
    .modify((job, place) => {
      place.value = migrateJob(job) as Job;
    });
}

/** The newest shape this page knows. */
export const DATABASE_VERSION = 3;

export class OddSpokeDatabase extends Dexie {
  declare jobs: EntityTable<Job, "id">;
  declare displays: EntityTable<OwnDisplay, "id">;
  declare photos: EntityTable<Photo, "id">;
  declare facts: EntityTable<Fact, "key">;
  declare tickets: EntityTable<KeptTicket, "id">;

  constructor(name = "odd-spoke") {
    // Every look is at what is stored: a page that goes while it writes tells nobody, and a remembered answer would
    // stay wrong.
    super(name, { cache: "disabled" });
    // 1: first shape. Jobs are found by id and listed by number; everything else is read whole.
    this.version(1).stores({ jobs: "id, number", facts: "key" });
    // 2: displays described here, photos of lines; jobs and the displays they carry brought up to format 2.
    this.version(2)
      .stores({ jobs: "id, number", facts: "key", displays: "id", photos: "id, jobId" })
      .upgrade(bringJobsUp);
    // 3: rehearsals told apart from the bike (job format 3); tickets of the rack kept beside the jobs they are of.
    this.version(DATABASE_VERSION)
      .stores({ jobs: "id, number, [updatedAt+id]", facts: "key", displays: "id", photos: "id, jobId", tickets: "id" })
      .upgrade(bringJobsUp);
  }
}

export const db = new OddSpokeDatabase();
