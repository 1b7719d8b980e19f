"use client";
import { useCallback, useEffect, useMemo, useState } from "react";
import { countedAt, cuesEndMs, cuesOf, type CardStep, type Counted, type Pace } from "@/core/keys";
import { notesOf } from "@/ui/besideTheBike/score";
import type { Settings } from "@/ui/besideTheBike/settings";
import { playNotes } from "@/ui/besideTheBike/sound";
import { speak } from "@/ui/besideTheBike/voice";
import { ALOUD_LANG } from "@/words/aloud";
import { moment } from "./Countdown";

/** Between the last word and the first key, ms: the hand gets there. */
const AFTER_WORDS_MS = 700;
/** Shortest time to get ready for a count, ms. */
const LEAST_LEAD_MS = 1200;

export interface Count {
  /** Where it stands; null before its first key. */
  readonly counted: Counted | null;
  /** Until its first key, ms; 0 from there on. */
  readonly startsInMs: number;
  /** When the last key counted so far comes up, on the clock of the countdowns, ms; null before the first. */
  readonly lastKeyMs: number | null;
}

export interface CallAlong {
  /** Null where nothing is counted. */
  readonly count: Count | null;
  /** Says and counts the step anew. */
  readonly again: () => void;
}

/** Reads a step aloud and then counts its keys along, as far as this device is to do either. */
export function useCallAlong(step: CardStep | null, words: string, pace: Pace, settings: Settings): CallAlong {
  const { counts, speaks, volume, voice, rate } = settings;
  const [round, setRound] = useState(0);
  const [startMs, setStartMs] = useState<number | null>(null);
  const runs = step?.runs.length ?? 0;
  const cues = useMemo(() => (step && counts ? cuesOf(step.runs, pace) : []), [step, counts, pace]);

  useEffect(() => {
    if (words === "" || (!speaks && cues.length === 0)) return;
    let gone = false;
    let silence = (): void => undefined;
    const speaking = speaks ? speak(words, ALOUD_LANG, { voice, rate }) : null;
    // Read by eye as well: no count begins sooner than that takes, voice or none.
    const readMs = moment() + Math.max(LEAST_LEAD_MS, runs * pace.lookMs);
    const begin = (soonestMs: number) => {
      if (gone || cues.length === 0) return;
      const from = Math.max(readMs, soonestMs);
      setStartMs(from);
      silence = playNotes(notesOf(cues), from, volume);
    };
    if (speaking) void speaking.over.then(() => begin(moment() + AFTER_WORDS_MS));
    else begin(0);
    return () => {
      gone = true;
      speaking?.stop();
      silence();
      setStartMs(null);
    };
  }, [words, cues, runs, speaks, voice, rate, volume, pace, round]);

  const now = useFrames(startMs, cuesEndMs(cues));
  const again = useCallback(() => setRound((n) => n + 1), []);
  if (cues.length === 0) return { count: null, again };
  if (startMs === null) return { count: GETTING_READY, again };
  const counted = countedAt(cues, now - startMs);
  const lastKeyMs = counted && startMs + counted.upMs;
  return { count: { counted, startsInMs: Math.max(0, startMs - now), lastKeyMs }, again };
}

const GETTING_READY: Count = { counted: null, startsInMs: Infinity, lastKeyMs: null };

/** The moment as it goes on, frame by frame, while something runs from one moment for so long. */
function useFrames(fromMs: number | null, forMs: number): number {
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (fromMs === null) return;
    let frame = 0;
    const next = () => {
      const at = moment();
      setNow(at);
      if (at < fromMs + forMs + 100) frame = requestAnimationFrame(next);
    };
    frame = requestAnimationFrame(next);
    return () => cancelAnimationFrame(frame);
  }, [fromMs, forMs]);
  return now;
}
