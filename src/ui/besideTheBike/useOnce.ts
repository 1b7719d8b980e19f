"use client";
import { useCallback, useRef } from "react";
import { isNewPress, type LastPress } from "@/core/programming/press";

/**
 * Says a thing once, however often it is pressed in a quarter of a second or held on, and by whatever.
 * @returns what says it, by its name; and what tells that a press still lasts
 */
export function useOnce() {
  const last = useRef<LastPress | null>(null);
  const once = useCallback((of: string, deed: () => void) => {
    const atMs = performance.now();
    const isNew = isNewPress(last.current, of, atMs);
    // Each press that trembles after the first one belongs to it.
    last.current = { of, atMs };
    if (isNew) deed();
  }, []);
  const held = useCallback(() => {
    if (last.current) last.current = { ...last.current, atMs: performance.now() };
  }, []);
  return { once, held };
}
