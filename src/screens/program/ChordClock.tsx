"use client";
import { useEffect, useState } from "react";
import type { ChordWindow } from "@/core/keys";
import { Button } from "@/ui/primitives";
import { DEED_WORDS } from "@/words/deedNames";
import { ACTION_WORDS } from "@/words/keyTrouble";
import { moment } from "./MenuClock";
import * as say from "@/words/screens/program/chordClock";

interface ChordClockProps {
  readonly window: ChordWindow;
  /** Moment the display was switched on, as it was told; null where nobody told. */
  readonly since: number | null;
  /** It was not pressed in time; missing where the display itself tells. */
  readonly onLate?: () => void;
}

/** Time left for a chord that opens the menu only soon after power-on, and what it does when it comes late. */
export function ChordClock({ window, since, onLate }: ChordClockProps) {
  const [now, setNow] = useState(moment);
  useEffect(() => {
    if (since === null) return;
    const timer = setInterval(() => setNow(moment()), 200);
    return () => clearInterval(timer);
  }, [since]);
  const leftMs = since === null ? null : Math.max(0, window.leftMs - Math.max(0, now - since));
  const late = window.late === null ? say.doesNothing : say.lateDoes(lateWords(window));
  return (
    <div className="mt-1">
      <div className="mb-1.5 flex flex-wrap items-baseline justify-between gap-x-4">
        <p role="timer" className="text-[1.05rem]">
          {leftMs === null ? (
            say.onlyWithin(window.ms)
          ) : leftMs > 0 ? (
            <>
              {say.chordWithin}
              <span className="font-head text-2xl font-bold">{Math.ceil(leftMs / 1000)}</span>
              {say.s}
            </>
          ) : (
            <strong>{say.tooLateNow}</strong>
          )}
        </p>
        <p className="text-quiet">{late}</p>
      </div>
      <div className="h-3 overflow-hidden rounded-full bg-rule" role="presentation">
        <div className="h-full rounded-full bg-action" style={{ width: `${(100 * (leftMs ?? 0)) / window.ms}%` }} />
      </div>
      {onLate && (leftMs === null || leftMs === 0) ? (
        <div className="mt-3">
          <Button onClick={onLate}>{say.offAndOnAgain}</Button>
        </div>
      ) : null}
    </div>
  );
}

const lateWords = ({ late }: ChordWindow): string =>
  late === null ? "" : late.kind === "run-action" ? ACTION_WORDS[late.action] : DEED_WORDS[late.kind];
