/** Jobs in the database: read whole. */
import type { Job } from "@/core/record";
import { db, type OddSpokeDatabase } from "./db";

/** Whether the demo bikes have been put on the rack once. */
export const isSeeded = async (database: OddSpokeDatabase = db): Promise<boolean> =>
  (await database.facts.get("seeded")) !== undefined;

export const getJob = (id: string, database: OddSpokeDatabase = db): Promise<Job | undefined> => database.jobs.get(id);
