"use client";
import { useEffect } from "react";
import { personMs, type CardStep, type Pace } from "@/core/keys";
import { nextOfferMs, offeredAt, takenAt } from "@/core/programming/offer";
import { useSettings } from "@/ui/besideTheBike/settings";
import { moment } from "./Countdown";

/** What is offered to a single key. */
export interface Offer {
  /** Of what is in hand: an offer of anything else is none. */
  readonly of: object | null;
  readonly index: number;
  /** Which of the things that can be said a press takes at this moment. */
  readonly taken: () => number;
}

interface OneKeyProps {
  /** What is in hand: when it changes the first is offered again. */
  readonly of: object | null;
  readonly count: number;
  readonly step: CardStep | null;
  readonly pace: Pace;
  readonly onOffer: (offer: Offer) => void;
}

/** With one key alone: what can be said, offered in turn. */
export function OneKey({ of, count, step, pace, onOffer }: OneKeyProps) {
  const { offerMs } = useSettings();
  const firstMs = step ? personMs([step], pace) : pace.answerMs;
  useEffect(() => {
    if (of === null) return;
    const from = moment();
    const taken = () => takenAt(count, moment() - from, firstMs, offerMs);
    let timer: ReturnType<typeof setTimeout>;
    const next = () => {
      const elapsedMs = moment() - from;
      onOffer({ of, index: offeredAt(count, elapsedMs, firstMs, offerMs), taken });
      timer = setTimeout(next, Math.max(20, nextOfferMs(elapsedMs, firstMs, offerMs) - elapsedMs + 1));
    };
    timer = setTimeout(next, 0);
    return () => clearTimeout(timer);
  }, [of, count, firstMs, offerMs, onOffer]);
  return null;
}
