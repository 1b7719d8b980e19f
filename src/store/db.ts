/**
 * The browser's own database: jobs and a few facts about this copy. Every schema change is a numbered, named step here.
 */
import Dexie, { type EntityTable, type Transaction } from "dexie";
import type { DisplayProfile } from "@/core/display";
import type { Answer, WalkSetup } from "@/core/display/walk/questions";
import type { FaultCase } from "@/core/faults";
import type { TypedClass } from "@/core/law/ownClass";
import type { Job } from "@/core/record";
import type { LineTrial } from "@/core/record/lineTrial";
import type { Ticket } from "@/core/record/ticket";

export interface Fact {
  readonly key: "seeded" | "last-export" | "single-keys" | "shop-has" | "odds-since";
  readonly value: string;
}

/** A display described in this workshop. */
export interface OwnDisplay {
  readonly id: string;
  readonly profile: DisplayProfile;
  readonly updatedAt: string;
}

/** A class of the shop's own, as typed. */
export interface OwnClass {
  readonly id: string;
  readonly typed: TypedClass;
  readonly begunAt: string;
}

/** A photo of one line as found, made small before it is kept. */
export interface Photo {
  readonly id: string;
  readonly jobId: string;
  readonly code: string;
  readonly takenAt: string;
  readonly image: Blob;
}

/** A walk through the menu of a display, by the display's id: its answers are all there is of it. */
export interface KeptWalk {
  readonly id: string;
  readonly setup: WalkSetup;
  readonly answers: readonly Answer[];
}

/** What the rack says of a job, kept until the job changes. */
export interface KeptTicket {
  readonly id: string;
  /** `updatedAt` of the job it was worked out from, and the build that worked it out. */
  readonly of: string;
  readonly ticket: Ticket;
}

/** Every row of a table made anew. */
const modifyAll = (upgrade: Transaction, table: string, made: (row: OwnDisplay & Job) => unknown) =>
  upgrade
    .table(table)
    .toCollection()
    .modify((row, place) => {
      place.value = made(row);
    });

/** Brings every job, and the display it carries, up to the present format. */
async function bringJobsUp(upgrade: Transaction): Promise<void> {
  const { migrateJob } = await Dexie.waitFor(import("@/core/record/migrateJob"));
  await modifyAll(upgrade, "jobs", migrateJob);
}

/** Brings every display described here up to the present profile format. */
async function bringDisplaysUp(upgrade: Transaction): Promise<void> {
  const { migrateProfile } = await Dexie.waitFor(import("@/core/display/migrate"));
  await modifyAll(upgrade, "displays", (row) => ({ ...row, profile: migrateProfile(row.profile) }));
}

export interface DatabaseStep {
  readonly name: string;
  readonly stores: Readonly<Record<string, string>>;
  readonly upgrade?: (upgrade: Transaction) => Promise<void>;
}

const DISPLAYS = { displays: "id", photos: "id, jobId" } as const;
const TICKETS = { ...DISPLAYS, jobs: "id, number, [updatedAt+id]", facts: "key", tickets: "id" } as const;

/** Every shape there has been, oldest first: the first is version 1. Jobs are found by id and listed by number. */
export const DATABASE_STEPS: readonly DatabaseStep[] = [
  { name: "jobs, and a few facts of this copy", stores: { jobs: "id, number", facts: "key" } },
  {
    name: "displays described here, photos of lines; job format 2",
    stores: { ...DISPLAYS, jobs: "id, number", facts: "key" },
    upgrade: bringJobsUp,
  },
  { name: "tickets of the rack beside their jobs; job format 3", stores: TICKETS, upgrade: bringJobsUp },
  { name: "when each fact was typed; job format 4", stores: TICKETS, upgrade: bringJobsUp },
  { name: "classes of the shop's own", stores: { ...TICKETS, classes: "id" } },
  {
    name: "profile format 3, job format 5; walks",
    stores: { ...TICKETS, classes: "id", walks: "id" },
    upgrade: async (upgrade) => {
      await bringDisplaysUp(upgrade);
      await bringJobsUp(upgrade);
    },
  },
  {
    name: "faults looked for, lines tried",
    stores: { ...TICKETS, classes: "id", walks: "id", faultCases: "id", trials: "id, jobId" },
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
  declare faultCases: EntityTable<FaultCase, "id">;
  declare trials: EntityTable<LineTrial, "id">;

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
