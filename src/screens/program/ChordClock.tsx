"use client";
import { dangerOf } from "@/core/display";
import type { ChordWindow } from "@/core/keys";
import { Button } from "@/ui/primitives";
import { DEED_WORDS } from "@/words/deedNames";
import { Countdown, SecondsLeft, useLeft } from "./Countdown";
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
  const leftMs = useLeft(window.leftMs, since);
  return (
    <>
      <Countdown leftMs={leftMs ?? 0} ofMs={window.ms}>
        <p role="timer" className="text-[1.05rem]">
          {leftMs === null ? (
            say.onlyWithin(window.ms)
          ) : leftMs > 0 ? (
            <>
              {say.chordWithin}
              <SecondsLeft ms={leftMs} />
              {say.s}
            </>
          ) : (
            <strong>{say.tooLateNow}</strong>
          )}
        </p>
        {/* One that hurts is cautioned of above. */}
        {window.late !== null && dangerOf(window.late) !== null ? null : (
          <p className="text-quiet">
            {window.late === null ? say.doesNothing : say.lateDoes(DEED_WORDS[window.late.kind])}
          </p>
        )}
      </Countdown>
      {onLate && !leftMs ? (
        <div className="mt-3">
          <Button onClick={onLate}>{say.offAndOnAgain}</Button>
        </div>
      ) : null}
    </>
  );
}
