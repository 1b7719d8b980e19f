"use client";
import { useEffect, useMemo, useRef, useState } from "react";
import type { DisplayProfile, MenuState } from "@/core/display";
import type { KeyGoal, Pace } from "@/core/keys";
import { goalOfKeys, keptState, restOfPlan, type Keys, type KeyWork } from "@/core/record";
import { useOwnPace } from "@/ui/besideTheBike/ownPace";
import { workAsk } from "@/workers/keysClient";
import { usePlan } from "../job/usePlan";

export interface Session {
  /** Where the display stands, as far as the hands on the keys know. */
  readonly state: MenuState;
  /** The keys from there to the end; the last ones known while new ones are worked out, null before the first. */
  readonly work: KeyWork | null;
  /** Whether the keys shown are still those of where it stood before. */
  readonly stale: boolean;
  /** Steps of the whole way, as counted from the home screen. */
  readonly total: number;
  /** Whose hands the steps are cut for. */
  readonly pace: Pace;
  /** Goes to a state; where that lies on the plan, the rest of it stays. */
  readonly go: (next: MenuState) => void;
}

interface Known {
  readonly of: MenuState;
  readonly goal: string;
  readonly work: KeyWork;
}

/**
 * Where keys under way stand on screen: ahead of what is kept, so that the next key never waits for the record, and
 * back to what is kept as soon as somebody else has moved it. Plans are made in the worker.
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

  const paced = usePaceOfTheseKeys(keys);
  const goalKey = JSON.stringify(paced);
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const goal = useMemo(() => paced, [goalKey]);
  const [known, setKnown] = useState<Known | null>(null);
  const isKnown = known !== null && known.of === state && known.goal === goalKey;
  const ask = useMemo(
    () => (isKnown ? null : workAsk(profile, keptState(state), goal)),
    [isKnown, profile, state, goal],
  );
  const { plan } = usePlan(ask);
  // Taken over as soon as it is there, so that the next key is held against it.
  if (plan && !isKnown) setKnown({ of: state, goal: goalKey, work: plan });
  const work = isKnown ? known.work : (plan ?? known?.work ?? null);

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
    stale: !isKnown && plan === null,
    pace: goal.pace,
    total: Math.max(whole?.steps.length ?? 0, work?.steps.length ?? 0),
    go: (next) => {
      mine.current.add(JSON.stringify(keptState(next)));
      setLocal(next);
      const rest = isKnown ? restOfPlan(profile, known.work, next, goal) : null;
      if (rest) setKnown({ of: next, goal: goalKey, work: rest });
    },
  };
}

/**
 * The goal of keys under way, with whose hands press them: the pace known when they were begun here, as steps cut
 * otherwise half-way would only confuse.
 */
function usePaceOfTheseKeys(keys: Keys): KeyGoal & { readonly pace: Pace } {
  const pace = useOwnPace();
  const [first] = useState(pace);
  return { ...goalOfKeys(keys), pace: first };
}
