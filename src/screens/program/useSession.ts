"use client";
import { useEffect, useMemo, useRef, useState } from "react";
import type { DisplayProfile, MenuState } from "@/core/display";
import { afterFirstStep, keptState, type Keys, type KeyWork } from "@/core/record";
import { workAsk } from "@/workers/clients";
import { usePlan } from "../job/usePlan";

export interface Session {
  /** Where the display stands, as far as the hands on the keys know. */
  readonly state: MenuState;
  /** The keys from there to the end; null while they are worked out. */
  readonly work: KeyWork | null;
  /** Steps of the whole way, as counted from the home screen. */
  readonly total: number;
  /** Goes to a state; the rest of the plan is kept where it is the end of the first step. */
  readonly go: (next: MenuState) => void;
}

/**
 * Where keys under way stand on screen: ahead of what is kept, so that the next key never waits for the record, and back to
 * what is kept as soon as somebody else has moved it. Plans are made in the worker.
 */
export function useSession(profile: DisplayProfile, keys: Keys): Session {
  const stored = JSON.stringify(keptState(keys.state));
  const [local, setLocal] = useState<MenuState | null>(null);
  const mine = useRef(new Set<string>([stored]));
  useEffect(() => {
    if (!mine.current.has(stored)) {
      mine.current = new Set([stored]);
      setLocal(null);
    }
  }, [stored]);
  // The record's own state is one object as long as it says the same.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const kept = useMemo(() => keys.state, [stored]);
  const state = local ?? kept;

  const goalKey = JSON.stringify([keys.targets, keys.unread]);
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const goal = useMemo(() => ({ targets: keys.targets, look: keys.unread }), [goalKey]);
  const [tail, setTail] = useState<{ readonly of: MenuState; readonly goal: string; readonly work: KeyWork } | null>(
    null,
  );
  const isTail = tail !== null && tail.of === state && tail.goal === goalKey;
  const ask = useMemo(() => (isTail ? null : workAsk(profile, keptState(state), goal)), [isTail, profile, state, goal]);
  const { plan } = usePlan(ask);
  const work = isTail ? tail.work : plan;

  const saved = state.saved.join();
  const fromHome = useMemo(
    () => workAsk(profile, keptState({ ...state, screen: { kind: "home" }, pending: state.saved }), goal),
    // Only what is saved decides how long the whole way is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [profile, saved, goal],
  );
  const whole = usePlan(fromHome).plan;

  return {
    state,
    work,
    total: Math.max(whole?.steps.length ?? 0, work?.steps.length ?? 0),
    go: (next) => {
      mine.current.add(JSON.stringify(keptState(next)));
      setLocal(next);
      const isFirst = work?.steps[0]?.after === next;
      setTail(isFirst && work ? { of: next, goal: goalKey, work: afterFirstStep(work) } : null);
    },
  };
}
