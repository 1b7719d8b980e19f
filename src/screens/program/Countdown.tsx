"use client";
import { useEffect, useState, type ReactNode } from "react";

/** This moment on the clock the countdowns run by. */
export const moment = (): number => performance.now();

/** Time left of so much, counted from a moment on, ms; null while nothing runs. */
export function useLeft(ofMs: number, since: number | null): number | null {
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (since === null) return;
    const timer = setInterval(() => setNow(moment()), 200);
    return () => clearInterval(timer);
  }, [since]);
  return since === null ? null : Math.max(0, Math.min(ofMs, ofMs - (now - since)));
}

interface CountdownProps {
  readonly leftMs: number;
  readonly ofMs: number;
  /** What is counted down, and what stands beside it. */
  readonly children: ReactNode;
}

/** Time running out, as a bar under its words. */
export const Countdown = ({ leftMs, ofMs, children }: CountdownProps) => (
  <div className="mt-1">
    <div className="mb-1.5 flex flex-wrap items-baseline justify-between gap-x-4">{children}</div>
    <div className="h-3 overflow-hidden rounded-full bg-rule" role="presentation">
      <div className="h-full rounded-full bg-action" style={{ width: `${(100 * leftMs) / ofMs}%` }} />
    </div>
  </div>
);

/** Whole seconds left, large. */
export const SecondsLeft = ({ ms }: { readonly ms: number }) => (
  <span className="font-head text-2xl font-bold">{Math.ceil(ms / 1000)}</span>
);
