"use client";
import { useEffect, useState } from "react";
import type { SweepAsk, SweepResult } from "@/core/ride";
import { sweepRide } from "@/workers/rideClient";

/** One setup swept: its points by level, then by grade. */
export type SweptSetup = SweepResult[number];

export interface SweepState {
  readonly result: SweepResult | null;
  /** Share done, 0 to 1; null while nothing is under way. */
  readonly share: number | null;
}

/** Sweeps in the worker whenever the question changes; the last answer stays in sight until the next is there. */
export function useSweep(ask: SweepAsk | null): SweepState {
  const [state, setState] = useState<SweepState>({ result: null, share: null });
  useEffect(() => {
    if (!ask) return;
    let gone = false;
    const tell = (share: number) => {
      if (!gone) setState((now) => ({ ...now, share }));
    };
    void sweepRide(ask, tell).then((result) => {
      if (!gone && result) setState({ result, share: null });
    });
    return () => {
      gone = true;
    };
  }, [ask]);
  return state;
}
