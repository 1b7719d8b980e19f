"use client";
import { useEffect } from "react";
import { LAST_SECONDS, lastSecondsMs } from "@/core/keys/cues";
import { runningOut } from "@/ui/besideTheBike/score";
import { playNotes } from "@/ui/besideTheBike/sound";

interface HeardRunningOutProps {
  /** From `since` on, ms. */
  readonly leftMs: number;
  readonly since: number;
  readonly volume: number;
  readonly everySecond: boolean;
}

/** Time running out, to be heard: the last three seconds of a menu, every second of a chord that has only so many. */
export function HeardRunningOut({ leftMs, since, volume, everySecond }: HeardRunningOutProps) {
  useEffect(() => {
    const moments = lastSecondsMs(leftMs, everySecond ? Math.floor(leftMs / 1000) : LAST_SECONDS);
    return playNotes(runningOut(moments), since, volume);
  }, [leftMs, since, volume, everySecond]);
  return null;
}
