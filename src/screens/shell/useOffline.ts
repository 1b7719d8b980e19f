"use client";
import { useEffect } from "react";

/** Time the page has to itself before its copy is laid by, ms: the first screen comes first. */
const AFTER_MS = 2500;

/**
 * Lays the product by on this device, so that it works without its server. Browsers allow it on a secure address only;
 * elsewhere nothing happens, and the back-up page says so.
 */
export function useOffline(): void {
  useEffect(() => {
    if (process.env.NODE_ENV !== "production" || !("serviceWorker" in navigator)) return;
    const build = encodeURIComponent(process.env.NEXT_PUBLIC_BUILD ?? "");
    const timer = setTimeout(() => {
      // What cannot be laid by now is tried again at the next page.
      void navigator.serviceWorker.register(`/sw.js?build=${build}`).catch(() => undefined);
    }, AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
}
