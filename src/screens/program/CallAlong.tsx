"use client";
import { useEffect, useMemo, useState } from "react";
import type { DisplayProfile } from "@/core/display";
import { countedAt, cuesEndMs, cuesOf } from "@/core/keys/cues";
import type { CardStep, Pace } from "@/core/keys";
import { notesOf } from "@/ui/besideTheBike/score";
import { useSettings } from "@/ui/besideTheBike/settings";
import { playNotes } from "@/ui/besideTheBike/sound";
import { speak } from "@/ui/besideTheBike/voice";
import { ALOUD_LANG, readingAloud, stepAloud } from "@/words/aloud";
import type { Count } from "./count";
import { moment } from "./Countdown";
import { SaidAloud } from "./SaidAloud";

/** Between the last word and the first key, ms: the hand gets there. */
const AFTER_WORDS_MS = 700;
/** Shortest time to get ready for a count, ms. */
const LEAST_LEAD_MS = 1200;

interface CallAlongProps {
  readonly profile: DisplayProfile;
  /** The step in hand; null while new keys are worked out, or a line is to be read. */
  readonly step: CardStep | null;
  /** The line to be read, by index; null where none is. */
  readonly reading: number | null;
  readonly unread: readonly number[];
  readonly pace: Pace;
  /** Counts how often it was to be said and counted anew. */
  readonly round: number;
  readonly onCount: (count: Count | null) => void;
  readonly onAgain: () => void;
}

/** Reads a step aloud and then counts its keys along, as far as this device is to do either. */
export function CallAlong({ profile, step, reading, unread, pace, round, onCount, onAgain }: CallAlongProps) {
  const { counts, speaks, volume, voice, rate } = useSettings();
  const words = reading !== null ? readingAloud(profile, reading) : step ? stepAloud(profile, step, unread) : "";
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
  useEffect(() => {
    if (cues.length === 0) onCount(null);
    else if (startMs === null) onCount(GETTING_READY);
    else {
      const counted = countedAt(cues, now - startMs);
      const lastKeyMs = counted && startMs + counted.upMs;
      onCount({ counted, startsInMs: Math.max(0, startMs - now), lastKeyMs });
    }
  }, [cues, startMs, now, onCount]);
  useEffect(() => () => onCount(null), [onCount]);
  return speaks && words !== "" ? <SaidAloud words={words} again={onAgain} /> : null;
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
