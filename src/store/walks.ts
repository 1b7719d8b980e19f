/** Walks through menus, kept answer by answer: left at any time, and taken up where they stand. */
import type { Answer, WalkSetup } from "@/core/display/walk/questions";
import type { KeptWalk } from "@/core/book/rows";
import { db, type OddSpokeDatabase } from "./db";
import { keepOneMore, takeOneBack } from "./oneByOne";

export const keptWalk = (id: string, database: OddSpokeDatabase = db): Promise<KeptWalk | undefined> =>
  database.walks.get(id);

/** Begins a walk anew for a display; one that was under way is handed back, for whoever wants it back. */
export async function beginWalk(
  id: string,
  setup: WalkSetup,
  database: OddSpokeDatabase = db,
): Promise<KeptWalk | undefined> {
  return database.transaction("rw", database.walks, async () => {
    const before = await database.walks.get(id);
    await database.walks.put({ id, setup, answers: [] });
    return before;
  });
}

/**
 * Keeps one answer more. A second press of the same button, or another window, that answers a question already answered
 * changes nothing: `at` is the number of answers the question was asked after.
 */
export async function keepAnswer(
  id: string,
  at: number,
  answer: Answer,
  database: OddSpokeDatabase = db,
): Promise<void> {
  await keepOneMore(database.walks, id, "answers", at, answer);
}

/** Takes the last answer back, where there are still so many. */
export const takeBackAnswer = (id: string, at: number, database: OddSpokeDatabase = db): Promise<void> =>
  takeOneBack(database.walks, id, "answers", at);

/** Puts a walk back as it was, or takes it away where there was none. */
export async function restoreWalk(
  id: string,
  walk: KeptWalk | undefined,
  database: OddSpokeDatabase = db,
): Promise<void> {
  await (walk ? database.walks.put(walk) : database.walks.delete(id));
}
