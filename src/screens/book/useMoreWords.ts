"use client";
import { useEffect, useState } from "react";
import type { BookEntry } from "@/core/book/entry";
import { keptWords, makeWords } from "@/store/moreWords";

/** Jobs worked out between two looks at what else is to be done: some 10 ms of work. */
const AT_ONCE = 4;
/** Looked through anew each time so many are known. */
const SHOW_EVERY = 100;
/** Goes on after this, however busy the page is, ms. */
const LONGEST_PAUSE_MS = 500;

/** Hands that have not typed for so long have stopped, ms. */
const STOPPED_MS = 600;

const NONE: ReadonlyMap<string, string> = new Map();
const idle = (): Promise<void> =>
  new Promise((resolve) => {
    if ("requestIdleCallback" in window) requestIdleCallback(() => resolve(), { timeout: LONGEST_PAUSE_MS });
    else setTimeout(resolve, 0);
  });

/** Hands that type go first: the next bit waits until they have stopped and the page has nothing else to do. */
async function pause(typedAt: () => number): Promise<void> {
  for (;;) {
    await idle();
    const waitMs = typedAt() + STOPPED_MS - performance.now();
    if (waitMs <= 0) return;
    await new Promise((resolve) => setTimeout(resolve, waitMs));
  }
}

export interface MoreWords {
  /** Words by the id of the job, as far as they are known. */
  readonly text: ReadonlyMap<string, string>;
  /** Jobs whose words are still being read. */
  readonly left: number;
}

/** What the jobs of a list are found by beside their entries, worked out bit by bit while somebody looks. */
export function useMoreWords(entries: readonly BookEntry[]): MoreWords {
  const [words, setWords] = useState<MoreWords>({ text: NONE, left: 0 });
  useEffect(() => {
    let gone = false;
    let typedAt = -Infinity;
    const onKey = () => (typedAt = performance.now());
    window.addEventListener("keydown", onKey, true);
    const read = async () => {
      const known = new Map(await keptWords(entries));
      const missing = entries.filter(({ id }) => !known.has(id)).map(({ id }) => id);
      if (gone) return;
      setWords({ text: known, left: missing.length });
      if (missing.length === 0) return;
      const { wordsOrNone } = await import("./wordsOf");
      for (let i = 0; i < missing.length && !gone; i += AT_ONCE) {
        for (const [id, text] of await makeWords(missing.slice(i, i + AT_ONCE), wordsOrNone)) known.set(id, text);
        await pause(() => typedAt);
        const left = Math.max(0, missing.length - i - AT_ONCE);
        if (!gone && (left === 0 || (i + AT_ONCE) % SHOW_EVERY === 0)) setWords({ text: new Map(known), left });
      }
    };
    void read().catch(() => undefined);
    return () => {
      gone = true;
      window.removeEventListener("keydown", onKey, true);
    };
  }, [entries]);
  return words;
}
