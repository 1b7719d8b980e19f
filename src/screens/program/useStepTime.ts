"use client";
import { useCallback, useEffect, useRef } from "react";
import type { CardStep } from "@/core/keys";
import { moment } from "./Countdown";

interface StepTime {
  /** The step was done as planned: what it took is learnt from. */
  readonly took: () => void;
  /** Something else took time over this step: it says nothing of the hands. */
  readonly spoilt: () => void;
}

/** How long a step was in hand, from its coming up to its being said done; what was out of sight does not count. */
export function useStepTime(step: CardStep | null): StepTime {
  const since = useRef<{ readonly step: CardStep; readonly atMs: number } | null>(null);
  useEffect(() => {
    since.current = step && { step, atMs: moment() };
    const onSight = () => {
      if (document.visibilityState !== "visible") since.current = null;
    };
    document.addEventListener("visibilitychange", onSight);
    return () => document.removeEventListener("visibilitychange", onSight);
  }, [step]);
  const took = useCallback(() => {
    const of = since.current;
    since.current = null;
    if (!of) return;
    const tookMs = moment() - of.atMs;
    void import("@/ui/besideTheBike/paceLearning").then(({ learnFrom }) => learnFrom(of.step, tookMs));
  }, []);
  const spoilt = useCallback(() => {
    since.current = null;
  }, []);
  return { took, spoilt };
}
