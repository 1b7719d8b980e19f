/**
 * The browser's own database: jobs, what is kept beside them, and a few facts about this copy. Every schema change is a
 * numbered, named step here.
 */
import Dexie, { type EntityTable, type Transaction } from "dexie";
import type { BookEntry } from "@/core/book/entry";
import type { KeptWalk, OwnClass, OwnDisplay, PhotoRow, Setting } from "@/core/book/rows";
import type { FaultCase } from "@/core/faults";
import type { Job } from "@/core/record";
import type { LineTrial } from "@/core/record/lineTrial";
import type { Ticket } from "@/core/record/ticket";

/** A fact of this copy of the book, or a setting of the shop. */
export interface Fact {
  readonly key: "seeded" | "last-backup" | "restoring" | Setting["key"];
  readonly value: string;
  /** When it was set; missing where nobody kept that. */
  readonly at?: string;
}

/** A photo of one line as found, made small before it is kept. */
export interface Photo extends PhotoRow {
  readonly image: Blob;
}

/** What the rack says of a job, kept until the job changes. */
export interface KeptTicket {
  readonly id: string;
  /** `updatedAt` of the job it was worked out from, and the build that worked it out. */
  readonly of: string;
  readonly ticket: Ticket;
}

/** More that a job is found by, worked out when somebody searches: its findings, and what its lines are called. */
export interface KeptWords {
  readonly id: string;
  /** `updatedAt` of the job it was worked out from, and the build that worked it out. */
  readonly of: string;
  readonly text: string;
}

/** What brings older data up, loaded when there is some. */
const upgrades = () => Dexie.waitFor(import("./upgrades"));
const bringJobsUp = async (upgrade: Transaction) => (await upgrades()).bringJobsUp(upgrade);
const beginTheBook = async (upgrade: Transaction) => (await upgrades()).beginTheBook(upgrade);
const bringFormat3Up = async (upgrade: Transaction) => (await upgrades()).bringFormat3Up(upgrade);

export interface DatabaseStep {
  readonly stores: Readonly<Record<string, string>>;
  readonly upgrade?: (upgrade: Transaction) => Promise<void>;
}

const DISPLAYS = { displays: "id", photos: "id, jobId" } as const;
const TICKETS = { ...DISPLAYS, jobs: "id, number, [updatedAt+id]", facts: "key", tickets: "id" } as const;

const CASES = { ...TICKETS, classes: "id", walks: "id", faultCases: "id", trials: "id, jobId" } as const;

/**
 * Every shape there has been, oldest first: the first is version 1, each under its name. Jobs are listed by their
 * entries. Names stand beside the steps and not in them: every page loads this.
 */
export const DATABASE_STEPS: readonly DatabaseStep[] = [
  // jobs, and a few facts of this copy
  { stores: { jobs: "id, number", facts: "key" } },
  // displays described here, photos of lines; job format 2
  { stores: { ...DISPLAYS, jobs: "id, number", facts: "key" }, upgrade: bringJobsUp },
  // tickets of the rack beside their jobs; job format 3
  { stores: TICKETS, upgrade: bringJobsUp },
  // when each fact was typed; job format 4
  { stores: TICKETS, upgrade: bringJobsUp },
  // classes of the shop's own
  { stores: { ...TICKETS, classes: "id" } },
  // profile format 3, job format 5; walks
  {
    stores: { ...TICKETS, classes: "id", walks: "id" },
    upgrade: bringFormat3Up,
  },
  // faults looked for, lines tried
  { stores: CASES },
  // the book's list beside the jobs; whose writes a record has; job format 6
  {
    stores: { ...CASES, jobs: "id", entries: "id, bikeId, number, updatedAt, [place+at]" },
    upgrade: beginTheBook,
  },
  // bikes of a batch, job format 7; findings to search for
  {
    stores: {
      ...CASES,
      jobs: "id",
      entries: "id, bikeId, batchId, number, updatedAt, [place+at]",
      moreWords: "id",
    },
    upgrade: beginTheBook,
  },
];

/** The newest shape this page knows. */
export const DATABASE_VERSION = DATABASE_STEPS.length;

export class OddSpokeDatabase extends Dexie {
  declare jobs: EntityTable<Job, "id">;
  declare displays: EntityTable<OwnDisplay, "id">;
  declare photos: EntityTable<Photo, "id">;
  declare facts: EntityTable<Fact, "key">;
  declare classes: EntityTable<OwnClass, "id">;
  declare walks: EntityTable<KeptWalk, "id">;
  declare tickets: EntityTable<KeptTicket, "id">;
  declare entries: EntityTable<BookEntry, "id">;
  declare faultCases: EntityTable<FaultCase, "id">;
  declare trials: EntityTable<LineTrial, "id">;
  declare moreWords: EntityTable<KeptWords, "id">;

  constructor(name = "odd-spoke") {
    // Every look is at what is stored: a page that goes while it writes tells nobody, and a remembered answer would
    // stay wrong.
    super(name, { cache: "disabled" });
    DATABASE_STEPS.forEach(({ stores, upgrade }, i) => {
      const version = this.version(i + 1).stores(stores);
      if (upgrade) version.upgrade(upgrade);
    });
  }
}

export const db = new OddSpokeDatabase();
