"use client";
import { useState } from "react";

/** A small state that outlives a reload of the page, in this tab. Text only. */
export function useKeptState(key: string, initial: string): readonly [string, (value: string) => void] {
  const name = `odd-spoke.${key}`;
  const [value, setValue] = useState(() => (typeof sessionStorage === "undefined" ? initial : (sessionStorage.getItem(name) ?? initial)));
  return [
    value,
    (next) => {
      sessionStorage.setItem(name, next);
      setValue(next);
    },
  ] as const;
}
