"use client";
import { useEffect } from "react";

/** Keeps the screen lit while something is open, where the browser can; again after the page was out of sight. */
export function useAwake(active: boolean): void {
  useEffect(() => {
    if (!active || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = async () => {
      if (document.visibilityState !== "visible") return;
      const granted = await navigator.wakeLock.request("screen").catch(() => null);
      if (gone) void granted?.release();
      else lock = granted;
    };
    const onSight = () => void ask();
    document.addEventListener("visibilitychange", onSight);
    void ask();
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", onSight);
      void lock?.release();
    };
  }, [active]);
}
