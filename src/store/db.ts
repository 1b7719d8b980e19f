/** The browser's own database: jobs and a few facts about this copy. Every schema change is a numbered, named step here. */
import Dexie, { type EntityTable } from "dexie";
import type { Job } from "@/core/record";

export interface Fact {
  readonly key: "seeded" | "last-export" | "single-keys";
  readonly value: string;
}

export class OddSpokeDatabase extends Dexie {
  declare jobs: EntityTable<Job, "id">;
  declare facts: EntityTable<Fact, "key">;

  constructor(name = "odd-spoke") {
    super(name);
    // 1: first shape. Jobs are found by id and listed by number; everything else is read whole.
    this.version(1).stores({ jobs: "id, number", facts: "key" });
  }
}

export const db = new OddSpokeDatabase();
