/**
 * Which of two records is the later: each carries how often every copy of the book has written it (a version vector,
 * Parker et al., "Detection of mutual inconsistency in distributed systems", IEEE TSE, 1983). Clocks are not asked:
 * those of two machines never agree.
 */

/** Writes of one record, by the copy of the book that made them. */
export type Writes = Readonly<Record<string, number>>;

/** How one record stands to another: neither has all the other's writes where they are apart. */
export type WriteOrder = "same" | "earlier" | "later" | "apart";

const copiesOf = (a: Writes, b: Writes): readonly string[] => [...new Set([...Object.keys(a), ...Object.keys(b)])];

/** How `a` stands to `b`. */
export function orderOf(a: Writes, b: Writes): WriteOrder {
  const copies = copiesOf(a, b);
  const hasMore = copies.some((copy) => (a[copy] ?? 0) > (b[copy] ?? 0));
  const lacksSome = copies.some((copy) => (a[copy] ?? 0) < (b[copy] ?? 0));
  if (hasMore) return lacksSome ? "apart" : "later";
  return lacksSome ? "earlier" : "same";
}

/** The writes of both. */
export const joinedWrites = (a: Writes, b: Writes): Writes =>
  Object.fromEntries(copiesOf(a, b).map((copy) => [copy, Math.max(a[copy] ?? 0, b[copy] ?? 0)]));

/** One write more by this copy. */
export const writtenBy = (copy: string, writes: Writes): Writes => ({ ...writes, [copy]: (writes[copy] ?? 0) + 1 });
