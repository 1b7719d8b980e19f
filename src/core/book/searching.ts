/** Searching the book: words as they are typed, filters that compose, and an order to list them in. */
import type { BookEntry, BookPlace } from "./entry";

export interface BookQuery {
  /** Words of which each must stand in the entry; what stands in quotes is one word. */
  readonly words: string;
  readonly place: BookPlace | "";
  readonly display: string;
  readonly className: string;
  /** Only those found otherwise than they were left, or those told apart after work at two benches. */
  readonly only: "" | "drifted" | "twins";
  /** Days, as YYYY-MM-DD: last worked on from, and to, both counted in. */
  readonly from: string;
  readonly to: string;
}

export const NO_QUERY: BookQuery = { words: "", place: "", display: "", className: "", only: "", from: "", to: "" };

/** The words of a search, in small letters; what stands in quotes is one. */
export const searchWords = (typed: string): readonly string[] =>
  [...typed.toLowerCase().matchAll(/"([^"]+)"?|([^\s"]+)/g)].map(([, quoted, bare]) => (quoted ?? bare ?? "").trim());

const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** More words of each entry, by id. */
export type WordsById = ReadonlyMap<string, string>;
const NO_WORDS: WordsById = new Map();

function passes(query: BookQuery, more: WordsById): (entry: BookEntry) => boolean {
  const { place, display, className, only } = query;
  const words = searchWords(query.words);
  const from = DAY.test(query.from) ? query.from : "";
  const to = DAY.test(query.to) ? query.to : "";
  return (entry) =>
    (place === "" || entry.place === place) &&
    (display === "" || entry.display === display) &&
    (className === "" || entry.className === className) &&
    (only !== "drifted" || (entry.drifted ?? 0) > 0) &&
    (only !== "twins" || entry.twinOf !== null) &&
    (from === "" || entry.updatedAt.slice(0, 10) >= from) &&
    (to === "" || entry.updatedAt.slice(0, 10) <= to) &&
    words.every((word) => entry.text.includes(word) || (more.get(entry.id)?.includes(word) ?? false));
}

/** Columns the list can be put in order by. */
export const ORDERS = [
  "number",
  "nickname",
  "frame",
  "display",
  "className",
  "place",
  "updatedAt",
  "handedOverAt",
  "sealed",
  "drifted",
  "odometerKm",
] as const satisfies readonly (keyof BookEntry)[];
export type BookOrder = (typeof ORDERS)[number];

export interface Ordered {
  readonly by: BookOrder;
  readonly descending: boolean;
}

/** What is not there stands last in either direction. */
function compared(by: BookOrder, a: BookEntry, b: BookEntry): number {
  const [one, other] = [a[by], b[by]];
  if (typeof one === "number" && typeof other === "number") return one - other;
  const [left, right] = [String(one), String(other)];
  return left < right ? -1 : left > right ? 1 : 0;
}

const isMissing = (by: BookOrder, entry: BookEntry): boolean => entry[by] === null || entry[by] === "";

/** All entries in order; equals stay in order of their numbers. */
export function inOrder(entries: readonly BookEntry[], { by, descending }: Ordered): readonly BookEntry[] {
  return [...entries].sort((a, b) => {
    const [gone, there] = [isMissing(by, a), isMissing(by, b)];
    if (gone !== there) return gone ? 1 : -1;
    const found = gone ? 0 : compared(by, a, b);
    return (descending ? -found : found) || b.number - a.number || (a.id < b.id ? -1 : 1);
  });
}

/**
 * The entries a query finds, in the order they come in.
 * @param more words they are found by as well, in small letters
 */
export const searched = (
  entries: readonly BookEntry[],
  query: BookQuery,
  more: WordsById = NO_WORDS,
): readonly BookEntry[] => entries.filter(passes(query, more));

/** What a column holds, each once, in order: for a filter to be chosen from. */
export const valuesIn = (entries: readonly BookEntry[], column: "display" | "className"): readonly string[] =>
  [...new Set(entries.map((entry) => entry[column]))].filter((value) => value !== "").sort();
