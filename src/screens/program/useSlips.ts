"use client";
import { useEffect, useState } from "react";
import type { DisplayProfile } from "@/core/display";
import type { CardStep, Slip } from "@/core/keys";

type LikelySlips = (profile: DisplayProfile, step: CardStep) => readonly Slip[];

/** What a step may show instead of what it must. Worked out once the card is there to be read. */
export function useSlips(profile: DisplayProfile, step: CardStep | null, isShown: boolean): readonly Slip[] {
  const [likelySlips, setLikelySlips] = useState<LikelySlips | null>(null);
  useEffect(() => {
    if (isShown) void import("@/core/keys/slips").then((slips) => setLikelySlips(() => slips.likelySlips));
  }, [isShown]);
  return step && likelySlips ? likelySlips(profile, step) : [];
}
