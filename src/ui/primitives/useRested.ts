"use client";
import { useEffect, useState } from "react";

/** Whether a screen has stood for so long, ms: what is not needed to see it waits until then. */
export function useRested(ms: number): boolean {
  const [rested, setRested] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setRested(true), ms);
    return () => clearTimeout(timer);
  }, [ms]);
  return rested;
}
