"use client";
import { useCallback, useEffect, useRef } from "react";
import { elapse, hold, msToNextEvent, type DisplayProfile, type MenuState } from "@/core/display";

interface Live {
  readonly profile: DisplayProfile;
  readonly state: MenuState;
  /** Called with every new state, and whether it came about by itself, with no key down. */
  readonly onState: (state: MenuState, before: MenuState, byItself: boolean) => void;
  readonly running: boolean;
}

/** Runs a menu machine in real time: keys as they are pressed, time as it passes. The state lives with its owner. */
export function useLiveMachine({ profile, state, onState, running }: Live): (keys: readonly string[]) => void {
  const now = useRef({ state, at: 0 });
  const handler = useRef(onState);
  useEffect(() => {
    handler.current = onState;
  });
  // The owner's state wins: after a re-plan, an undo or a reload the clock starts afresh from it.
  useEffect(() => {
    if (now.current.state !== state) now.current = { state, at: now.current.at === 0 ? 0 : performance.now() };
  }, [state]);

  const catchUp = useCallback((): MenuState => {
    const time = performance.now();
    const passed = now.current.at === 0 ? 0 : time - now.current.at;
    const next = elapse(profile, now.current.state, Math.max(0, Math.round(passed)));
    now.current = { state: next, at: time };
    return next;
  }, [profile]);

  useEffect(() => {
    if (!running) return;
    if (now.current.at === 0) now.current.at = performance.now();
    let timer: ReturnType<typeof setTimeout> | undefined;
    const plan = () => {
      const due = msToNextEvent(profile, now.current.state);
      timer = setTimeout(
        () => {
          const before = now.current.state;
          const next = catchUp();
          if (next.screen !== before.screen || next.pending !== before.pending || next.saved !== before.saved)
            handler.current(next, before, before.held === null);
          plan();
        },
        Math.min(due === null ? 200 : due + 2, 200),
      );
    };
    plan();
    return () => clearTimeout(timer);
  }, [running, profile, catchUp]);
  // While it does not run, no time passes for it.
  useEffect(() => {
    if (running)
      return () => {
        now.current.at = 0;
      };
  }, [running]);

  return useCallback(
    (keys) => {
      if (!running) return;
      const before = catchUp();
      const next = hold(profile, before, keys);
      now.current = { state: next, at: performance.now() };
      handler.current(next, before, false);
    },
    [running, profile, catchUp],
  );
}
