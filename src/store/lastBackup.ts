/** When everything last left this browser as a file, and what has changed since. Every page tells it. */
import { db, type OddSpokeDatabase } from "./db";

/** Remembers that a back-up of everything has left the browser. */
export async function noteBackup(madeAt: string, database: OddSpokeDatabase = db): Promise<void> {
  await database.facts.put({ key: "last-backup", value: madeAt });
}

export interface LastBackup {
  /** When the last one was made; null where there is none. */
  readonly at: string | null;
  /** Visits worked on since, or all of them. */
  readonly lacks: number;
}

/** When the last back-up was, and how many visits it lacks or holds as they were before. Counted, not read. */
export async function lastBackup(database: OddSpokeDatabase = db): Promise<LastBackup> {
  const at = (await database.facts.get("last-backup"))?.value ?? null;
  return {
    at,
    lacks: await database.entries
      .where("updatedAt")
      .above(at ?? "")
      .count(),
  };
}

/** When the back-up was made of which a bringing-in was cut short; null where none was. */
export const cutShort = async (database: OddSpokeDatabase = db): Promise<string | null> =>
  (await database.facts.get("restoring"))?.value ?? null;
