/** Faults looked for, kept answer by answer; and what the shop has at hand for it. */
import type { FaultAnswer, FaultCase } from "@/core/faults";
import { db, type OddSpokeDatabase } from "./db";
import { newId } from "./newId";
import { keepOneMore, takeOneBack, takeOut } from "./oneByOne";

const nowIso = (): string => new Date().toISOString();

/** Every case, the newest first. */
export const faultCases = async (database: OddSpokeDatabase = db): Promise<readonly FaultCase[]> =>
  (await database.faultCases.toArray()).sort((a, b) => b.begunAt.localeCompare(a.begunAt));

export const faultCase = (id: string, database: OddSpokeDatabase = db): Promise<FaultCase | undefined> =>
  database.faultCases.get(id);

/** Begins a case. */
export async function beginCase(
  begun: Pick<FaultCase, "jobId" | "signs" | "changed">,
  database: OddSpokeDatabase = db,
): Promise<FaultCase> {
  const made: FaultCase = { ...begun, id: newId(), answers: [], begunAt: nowIso() };
  await database.faultCases.add(made);
  return made;
}

/**
 * Keeps one answer more. A second press of the same button, or another window, that answers what is answered already
 * changes nothing: `at` is the number of answers the question was asked after.
 */
export const answerCase = (
  id: string,
  at: number,
  answer: FaultAnswer,
  database: OddSpokeDatabase = db,
): Promise<void> => keepOneMore(database.faultCases, id, "answers", at, answer);

/** Takes the last answer back, where there are still so many. */
export const takeBackCaseAnswer = (id: string, at: number, database: OddSpokeDatabase = db): Promise<void> =>
  takeOneBack(database.faultCases, id, "answers", at);

/** Takes a case out of the book, and hands it back for whoever wants it back. */
export const removeCase = (id: string, database: OddSpokeDatabase = db): Promise<FaultCase | undefined> =>
  takeOut(database.faultCases, id);

export async function restoreCase(gone: FaultCase, database: OddSpokeDatabase = db): Promise<void> {
  await database.faultCases.put(gone);
}

/** What the shop lacks, by name; nothing said, it has everything that is a tool and no spare. */
export const shopHas = async (database: OddSpokeDatabase = db): Promise<readonly string[] | null> => {
  const fact = await database.facts.get("shop-has");
  return fact ? fact.value.split(" ").filter((name) => name !== "") : null;
};

export const keepShopHas = async (names: readonly string[], database: OddSpokeDatabase = db): Promise<void> => {
  await database.facts.put({ key: "shop-has", value: names.join(" "), at: nowIso() });
};

/** From when on what the shop found counts; null for all of it. */
export const oddsSince = async (database: OddSpokeDatabase = db): Promise<string | null> =>
  (await database.facts.get("odds-since"))?.value ?? null;

export const countOddsFrom = async (since: string | null, database: OddSpokeDatabase = db): Promise<void> => {
  await (since === null
    ? database.facts.delete("odds-since")
    : database.facts.put({ key: "odds-since", value: since, at: nowIso() }));
};
