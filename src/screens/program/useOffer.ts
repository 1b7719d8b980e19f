"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import { personMs, type CardStep, type Pace } from "@/core/keys";
import { nextOfferMs, offeredAt, takenAt } from "@/core/programming";
import type { Settings } from "@/ui/besideTheBike/settings";
import { moment } from "./Countdown";

export interface Offer {
  /** Which of the things that can be said is offered; null where each has a key of its own. */
  readonly offered: number | null;
  /** Which of them a press takes at this moment. */
  readonly taken: () => number;
}

/**
 * With one key alone: what can be said, offered in turn.
 * @param of what is in hand, by name: when it changes the first is offered again
 */
export function useOffer(
  of: string,
  count: number,
  step: CardStep | null,
  pace: Pace,
  { oneKey, offerMs }: Settings,
): Offer {
  const [offer, setOffer] = useState<{ readonly of: string; readonly index: number }>({ of, index: 0 });
  const firstMs = step ? personMs([step], pace) : pace.answerMs;
  const since = useRef<number | null>(null);
  useEffect(() => {
    if (!oneKey || of === "") return;
    const from = moment();
    since.current = from;
    let timer: ReturnType<typeof setTimeout>;
    const next = () => {
      const elapsedMs = moment() - from;
      setOffer({ of, index: offeredAt(count, elapsedMs, firstMs, offerMs) });
      timer = setTimeout(next, Math.max(20, nextOfferMs(elapsedMs, firstMs, offerMs) - elapsedMs + 1));
    };
    timer = setTimeout(next, 0);
    return () => {
      since.current = null;
      clearTimeout(timer);
    };
  }, [of, count, firstMs, oneKey, offerMs]);
  const taken = useCallback(
    () => (since.current === null ? 0 : takenAt(count, moment() - since.current, firstMs, offerMs)),
    [count, firstMs, offerMs],
  );
  return { offered: !oneKey ? null : offer.of === of ? offer.index : 0, taken };
}
