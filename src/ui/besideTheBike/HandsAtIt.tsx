"use client";
import { useLayoutEffect, useRef, type RefObject } from "react";
import { actOf, type Act } from "@/core/programming/acts";
import { singleKeysOn } from "../primitives/useShortcuts";
import { listen } from "./signals";
import { useTaught } from "./taught";

interface HandsAtItProps {
  /** Whether they act while a sheet lies over the page, too: where it is the sheet they answer. */
  readonly underSheet: boolean;
  readonly place: RefObject<HTMLElement | null>;
  readonly onAct: (act: Act) => void;
  /** Told while a press lasts. */
  readonly onHeld: () => void;
}

/** Letters act alone only where they are not switched off for those who speak to their computer. */
const isSingle = (signal: string): boolean => /^key:\S$/u.test(signal);

/** Any hand, any foot: presses as what they were taught to say. */
export function HandsAtIt({ underSheet, place, onAct, onHeld }: HandsAtItProps) {
  const taught = useTaught();
  const latest = useRef({ taught, onAct, onHeld });
  useLayoutEffect(() => {
    latest.current = { taught, onAct, onHeld };
  });
  const says = (kind: string) => Object.values(taught).some((all) => all.some((signal) => signal.startsWith(kind)));
  const headset = says("media:");
  const more = headset || says("wheel:");
  useLayoutEffect(
    () =>
      listen({
        place: () => place.current,
        headset,
        more,
        onHeld: () => latest.current.onHeld(),
        onSignal: (signal) => {
          if (isSingle(signal) && !singleKeysOn()) return false;
          if (!underSheet && document.querySelector('[role="dialog"]')) return false;
          const act = actOf(latest.current.taught, signal);
          if (act) latest.current.onAct(act);
          return act !== null;
        },
      }),
    [underSheet, headset, more, place],
  );
  return null;
}
