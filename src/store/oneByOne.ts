/** Lists that grow by one answer at a time, whoever gives it twice: a second press, another window. */
import type { EntityTable } from "dexie";

interface Row {
  readonly id: string;
}

/**
 * Keeps one more, where there are still `at` of them: what is answered already stays as it was.
 * @param list name of the list in the row
 */
export async function keepOneMore<R extends Row, L extends keyof R>(
  table: EntityTable<R, "id">,
  id: string,
  list: L,
  at: number,
  one: R[L] extends readonly (infer Item)[] ? Item : never,
): Promise<void> {
  await changed(table, id, list, (kept) => (kept.length === at ? [...kept, one] : kept));
}

/** Takes the last one back, where there are still `at` of them. */
export async function takeOneBack<R extends Row, L extends keyof R>(
  table: EntityTable<R, "id">,
  id: string,
  list: L,
  at: number,
): Promise<void> {
  await changed(table, id, list, (kept) => (at > 0 && kept.length === at ? kept.slice(0, -1) : kept));
}

/** Takes a row out, and hands it back for whoever wants it back. */
export async function takeOut<R extends Row>(table: EntityTable<R, "id">, id: string): Promise<R | undefined> {
  return table.db.transaction("rw", table, async () => {
    const gone = await table.get(id as never);
    await table.delete(id as never);
    return gone;
  });
}

async function changed<R extends Row, L extends keyof R>(
  table: EntityTable<R, "id">,
  id: string,
  list: L,
  change: (kept: readonly unknown[]) => readonly unknown[],
): Promise<void> {
  await table.db.transaction("rw", table, async () => {
    const row = await table.get(id as never);
    if (!row) return;
    const kept = row[list] as readonly unknown[];
    const now = change(kept);
    if (now !== kept) await table.put({ ...row, [list]: now } as never);
  });
}
