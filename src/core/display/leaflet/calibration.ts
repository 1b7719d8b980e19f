/** How often lines held so surely were right, on texts nobody had tuned the reader on. */

/**
 * Lines of 32 texts as they were read the first time, before anything was changed for them (November 2026): how many
 * were held so surely, by what speaks for them, and of how many the setting and the values were right.
 */
const AT_FIRST_SIGHT = [
  { from: 0.4, lines: 4, right: 3 },
  { from: 0.5, lines: 67, right: 61 },
  { from: 0.7, lines: 94, right: 94 },
] as const;

/** What such a line is likely to be, 0 to 1, by the rule of succession (Laplace 1814): none is ever 0 or 1. */
export function likelyRight(confidence: number): number {
  const held = AT_FIRST_SIGHT.findLast(({ from }) => confidence >= from);
  return held ? (held.right + 1) / (held.lines + 2) : 0.5 * confidence;
}
