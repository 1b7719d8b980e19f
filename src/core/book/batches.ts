/** The batches in a book, as its list tells them. */
import type { BookEntry } from "./entry";

export interface ListedBatch {
  readonly id: string;
  readonly name: string;
  readonly display: string;
  readonly bikes: number;
  readonly gone: number;
  /** When one of its bikes was worked on last. */
  readonly at: string;
}

/** Batches out of the entries of their bikes, the one worked on last first. A record kept twice counts once. */
export function batchesOf(entries: readonly BookEntry[]): readonly ListedBatch[] {
  const ids = new Set(entries.map(({ id }) => id));
  const byId = new Map<string, BookEntry[]>();
  for (const entry of entries)
    if (entry.batchId !== null && (entry.twinOf === null || !ids.has(entry.twinOf)))
      byId.set(entry.batchId, [...(byId.get(entry.batchId) ?? []), entry]);
  return [...byId.entries()]
    .map(([id, bikes]): ListedBatch => {
      const last = bikes.reduce((a, b) => (a.updatedAt >= b.updatedAt ? a : b));
      return {
        id,
        name: last.batchName,
        display: last.display,
        bikes: bikes.length,
        gone: bikes.filter(({ place }) => place === "gone").length,
        at: last.updatedAt,
      };
    })
    .sort((a, b) => (a.at < b.at ? 1 : -1));
}
