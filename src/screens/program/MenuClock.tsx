"use client";
import { Countdown, SecondsLeft, useLeft } from "./Countdown";
import * as say from "@/words/screens/program/menuClock";

interface MenuClockProps {
  readonly closesAfterMs: number;
  /** Moment of the last key, as performance.now(), or null while nothing runs. */
  readonly since: number | null;
  readonly onRestart?: () => void;
  readonly onClosed?: () => void;
  /** What closing would cost. */
  readonly cost?: string;
}

/** Time left before the menu closes by itself, as far as can be told from here. */
export function MenuClock({ closesAfterMs, since, onRestart, onClosed, cost }: MenuClockProps) {
  const leftMs = useLeft(closesAfterMs, since);
  if (leftMs === null) return null;
  const closed = leftMs <= 0;
  return (
    <Countdown leftMs={leftMs} ofMs={closesAfterMs}>
      <p className="text-[1.05rem]">
        {closed ? (
          say.theMenuHasClosed
        ) : (
          <>
            {say.menuClosesIn}
            <SecondsLeft ms={leftMs} />
            {say.s}
          </>
        )}
      </p>
      {closed && onRestart ? (
        <span className="flex gap-4">
          {onClosed ? (
            <button type="button" className="min-h-9 font-semibold underline underline-offset-4" onClick={onClosed}>
              {say.itClosed}
            </button>
          ) : null}
          <button type="button" className="min-h-9 font-semibold underline underline-offset-4" onClick={onRestart}>
            {say.stillOpen}
          </button>
        </span>
      ) : cost ? (
        <p className="text-quiet">{cost}</p>
      ) : null}
    </Countdown>
  );
}
