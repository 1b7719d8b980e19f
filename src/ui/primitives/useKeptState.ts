"use client";
import { useCallback, useSyncExternalStore } from "react";

const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** A small state that outlives a reload of the page, in this tab. Text only. The server always sees the initial one. */
export function useKeptState(key: string, initial: string): readonly [string, (value: string) => void] {
  const name = `odd-spoke.${key}`;
  const value = useSyncExternalStore(
    subscribe,
    () => sessionStorage.getItem(name) ?? initial,
    () => initial,
  );
  const keep = useCallback(
    (next: string) => {
      sessionStorage.setItem(name, next);
      listeners.forEach((listener) => listener());
    },
    [name],
  );
  return [value, keep] as const;
}
