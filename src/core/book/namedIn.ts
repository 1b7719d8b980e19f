/** Bikes of the book that the words of the finder name: by nickname, number, what they are, or their display. */
import type { BookEntry } from "./entry";
import { ticketNumber } from "../units/ticketNumber";

const partsOf = ({ nickname, number, frame, display }: BookEntry): readonly string[] =>
  `${nickname} ${number} ${ticketNumber(number)} ${frame} ${display}`.toLowerCase().split(/[\s,]+/);

/**
 * The bikes most of the words name, the newest first among equals; other words may name a stage or a line of them. None
 * where no word names any.
 * @param most how many are wanted
 */
export function namedIn(entries: readonly BookEntry[], typed: string, most: number): readonly BookEntry[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  return entries
    .map((entry) => {
      const parts = partsOf(entry);
      return { entry, named: words.filter((word) => parts.some((part) => part.startsWith(word))).length };
    })
    .filter(({ named }) => named > 0)
    .sort((a, b) => b.named - a.named || b.entry.number - a.entry.number)
    .slice(0, most)
    .map(({ entry }) => entry);
}
