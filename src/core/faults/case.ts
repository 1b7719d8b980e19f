/** A fault looked for: what the bike shows, what was done, and what was found. Its answers are all there is of it. */
import type { FaultAnswer, FaultContext, FaultData } from "./faults";

export interface FaultCase {
  readonly id: string;
  /** The bike on the rack it is about; null for one that is not in the book. */
  readonly jobId: string | null;
  /** What it shows, the first it was brought for. */
  readonly signs: readonly string[];
  /** Parts somebody worked on just before. */
  readonly changed: readonly string[];
  readonly answers: readonly FaultAnswer[];
  readonly begunAt: string;
}

/** The cause a case ended with, mended and the complaint gone; null while it is open. */
export function causeFound({ answers }: FaultCase): string | null {
  const last = answers.findLast((answer) => answer.kind === "mended" && answer.gone);
  return last?.kind === "mended" ? last.cause : null;
}

/** How often each cause was found behind each sign, in cases begun after `since`. */
export function countsOf(cases: readonly FaultCase[], since: string | null): FaultContext["found"] {
  const counts: Record<string, Record<string, number>> = {};
  for (const each of cases) {
    const cause = causeFound(each);
    if (cause === null || (since !== null && each.begunAt < since)) continue;
    for (const sign of each.signs) {
      const own = (counts[sign] ??= {});
      own[cause] = (own[cause] ?? 0) + 1;
    }
  }
  return counts;
}

/** Which sign a display's own code stands for, by what its list says of it; null where no word of it tells. */
export const signOfCode = (words: readonly (readonly [sign: string, words: RegExp])[], says: string): string | null =>
  words.find(([, pattern]) => pattern.test(says.toLowerCase()))?.[0] ?? null;

/** Signs that what an owner writes may tell of, in the order of the words; none where it tells of no fault. */
export const signsOfComplaint = (
  words: readonly (readonly [sign: string, words: RegExp])[],
  said: string,
): readonly string[] => {
  const plain = said.toLowerCase().replaceAll("’", "'");
  return [...new Set(words.flatMap(([sign, pattern]) => (pattern.test(plain) ? [sign] : [])))];
};

/** Whether a case's answer can still be taken: its check or cause is known. */
export const isKnownAnswer = ({ checks, causes }: FaultData, answer: FaultAnswer): boolean =>
  answer.kind === "check" ? checks.some(({ id }) => id === answer.check) : causes.some(({ id }) => id === answer.cause);
