"use client";
import { useEffect, useState } from "react";
import { personMs, type CardStep, type Pace } from "@/core/keys";
import { nextOfferMs, offeredAt } from "@/core/programming";
import type { Settings } from "@/ui/besideTheBike/settings";
import { moment } from "./Countdown";

/**
 * With one key alone: which of the things that can be said a press takes now. Null where each has a key of its own.
 * @param of what is in hand, by name: when it changes the first is offered again
 */
export function useOffer(
  of: string,
  count: number,
  step: CardStep | null,
  pace: Pace,
  { oneKey, offerMs }: Settings,
): number | null {
  const [offer, setOffer] = useState<{ readonly of: string; readonly index: number }>({ of, index: 0 });
  const firstMs = step ? personMs([step], pace) : pace.answerMs;
  useEffect(() => {
    if (!oneKey || of === "") return;
    const from = moment();
    let timer: ReturnType<typeof setTimeout>;
    const next = () => {
      const elapsedMs = moment() - from;
      setOffer({ of, index: offeredAt(count, elapsedMs, firstMs, offerMs) });
      timer = setTimeout(next, Math.max(20, nextOfferMs(elapsedMs, firstMs, offerMs) - elapsedMs + 1));
    };
    timer = setTimeout(next, 0);
    return () => clearTimeout(timer);
  }, [of, count, firstMs, oneKey, offerMs]);
  if (!oneKey) return null;
  return offer.of === of ? offer.index : 0;
}
