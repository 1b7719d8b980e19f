"use client";
import { useEffect, useState } from "react";
import type { DisplayProfile } from "@/core/display";
import type { CardStep, Slip } from "@/core/keys";

type LikelySlips = (profile: DisplayProfile, step: CardStep) => readonly Slip[];

/**
 * What a step may show instead of what it must. Worked out once the card is there to be read; what follows from it
 * comes along, so that a server gone meanwhile costs no press.
 */
export function useSlips(profile: DisplayProfile, step: CardStep | null, isShown: boolean): readonly Slip[] {
  const [likelySlips, setLikelySlips] = useState<LikelySlips | null>(null);
  useEffect(() => {
    if (!isShown) return;
    void import("@/core/keys/slips").then((slips) => setLikelySlips(() => slips.likelySlips));
    void import("@/core/programming/lost");
  }, [isShown]);
  return step && likelySlips ? likelySlips(profile, step) : [];
}
