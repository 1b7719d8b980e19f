/** What brings the data of older shapes of the database up; `db.ts` says which step needs what. */
import Dexie, { type Transaction } from "dexie";
import type { OwnDisplay } from "@/core/book/rows";
import type { Job } from "@/core/record";

/** Every row of a table made anew. */
const modifyAll = (upgrade: Transaction, table: string, made: (row: OwnDisplay & Job) => unknown) =>
  upgrade
    .table(table)
    .toCollection()
    .modify((row, place) => {
      place.value = made(row);
    });

/** Brings every job, and the display it carries, up to the present format. */
export async function bringJobsUp(upgrade: Transaction): Promise<void> {
  const { migrateJob } = await Dexie.waitFor(import("@/core/record/migrateJob"));
  await modifyAll(upgrade, "jobs", migrateJob);
}

/** Brings every display described here up to the present profile format. */
async function bringDisplaysUp(upgrade: Transaction): Promise<void> {
  const { migrateProfile } = await Dexie.waitFor(import("@/core/display/migrate"));
  await modifyAll(upgrade, "displays", (row) => ({ ...row, profile: migrateProfile(row.profile) }));
}

/** Counts writes of displays and classes from now on, and lists every job in the book anew. */
export async function beginTheBook(upgrade: Transaction): Promise<void> {
  await bringJobsUp(upgrade);
  const { entryOf } = await Dexie.waitFor(import("@/core/book/entry"));
  await upgrade
    .table<Job>("jobs")
    .toCollection()
    .each((job) => upgrade.table("entries").put(entryOf(job)));
  for (const table of ["displays", "classes"])
    await upgrade
      .table(table)
      .toCollection()
      .modify((row: { writes?: object }) => {
        row.writes ??= {};
      });
}

/** Profile format 3, of displays and of the jobs that carry them. */
export async function bringFormat3Up(upgrade: Transaction): Promise<void> {
  await bringDisplaysUp(upgrade);
  await bringJobsUp(upgrade);
}
