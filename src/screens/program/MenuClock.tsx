"use client";
import { useEffect, useState } from "react";
import * as say from "@/words/screens/program/menuClock";

/** This moment on the clock the menu clock runs by. */
export const moment = (): number => performance.now();

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
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (since === null) return;
    const timer = setInterval(() => setNow(performance.now()), 200);
    return () => clearInterval(timer);
  }, [since]);
  if (since === null) return null;
  const leftMs = Math.max(0, Math.min(closesAfterMs, closesAfterMs - (now - since)));
  const closed = leftMs <= 0;
  return (
    <div className="mt-1">
      <div className="mb-1.5 flex flex-wrap items-baseline justify-between gap-x-4">
        <p className="text-[1.05rem]">
          {closed ? (
            say.theMenuHasClosed
          ) : (
            <>
              {say.menuClosesIn}
              <span className="font-head text-2xl font-bold">{Math.ceil(leftMs / 1000)}</span>
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
      </div>
      <div className="h-3 overflow-hidden rounded-full bg-rule" role="presentation">
        <div className="h-full rounded-full bg-action" style={{ width: `${(100 * leftMs) / closesAfterMs}%` }} />
      </div>
    </div>
  );
}
