"use client";
import { useCallback, useLayoutEffect, useRef, type RefObject } from "react";
import { actOf, isNewPress, type Act, type LastPress, type Taught } from "@/core/programming/acts";
import { singleKeysOn } from "../primitives/useShortcuts";
import { listen } from "./signals";

interface Hands {
  readonly taught: Taught;
  readonly active: boolean;
  /** Whether they act while a sheet lies over the page, too: where it is the sheet they answer. */
  readonly underSheet?: boolean;
  readonly place: RefObject<HTMLElement | null>;
  readonly onAct: (act: Act) => void;
}

/** Letters act alone only where they are not switched off for those who speak to their computer. */
const isSingle = (signal: string): boolean => /^key:\S$/u.test(signal);

const says = (taught: Taught, kind: string): boolean =>
  Object.values(taught).some((signals) => signals.some((signal) => signal.startsWith(kind)));

/**
 * Any hand, any foot: presses as what they were taught to say. A held press is one, two in a quarter of a second are
 * one, whichever of them it was.
 * @returns the same for a button on screen: what it says, said once
 */
export function useHands({
  taught,
  active,
  underSheet = false,
  place,
  onAct,
}: Hands): (of: string, deed: () => void) => void {
  const latest = useRef({ taught, onAct });
  useLayoutEffect(() => {
    latest.current = { taught, onAct };
  });
  const last = useRef<LastPress | null>(null);
  const once = useCallback((of: string, deed: () => void) => {
    const atMs = performance.now();
    const isNew = isNewPress(last.current, of, atMs);
    // Each press that trembles after the first one belongs to it.
    last.current = { of, atMs };
    if (isNew) deed();
  }, []);
  const headset = says(taught, "media:");
  useLayoutEffect(() => {
    if (!active) return;
    return listen({
      place: () => place.current,
      headset,
      onHeld: () => {
        if (last.current) last.current = { ...last.current, atMs: performance.now() };
      },
      onSignal: (signal) => {
        if (isSingle(signal) && !singleKeysOn()) return false;
        if (!underSheet && document.querySelector('[role="dialog"]')) return false;
        const act = actOf(latest.current.taught, signal);
        if (act) once(act, () => latest.current.onAct(act));
        return act !== null;
      },
    });
  }, [active, underSheet, headset, place, once]);
  return once;
}
