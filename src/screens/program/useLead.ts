"use client";
import { useCallback, useEffect, useState } from "react";

export interface Lead {
  /** Whether keys are led from this window; null while that is not settled. */
  readonly leads: boolean | null;
  /** Leads from here; the window that led follows from then on. */
  readonly takeOver: () => void;
}

/**
 * One window leads the keys of a bike and the others follow. The browser's own locks tell which; where it has none,
 * every window leads, as there is no way to know of another.
 */
export function useLead(jobId: string): Lead {
  const [leads, setLeads] = useState<boolean | null>(null);
  const [asked, setAsked] = useState(0);
  useEffect(() => {
    const { locks } = navigator;
    if (!locks) {
      const settled = setTimeout(() => setLeads(true));
      return () => clearTimeout(settled);
    }
    const name = `odd-spoke.keys.${jobId}`;
    let release = () => undefined as void;
    let gone = false;
    const hold = (): Promise<void> =>
      new Promise((resolve) => {
        release = () => resolve();
        if (gone) resolve();
        else setLeads(true);
      });
    const waiting = new AbortController();
    const follow = () => {
      if (gone) return;
      setLeads(false);
      // When the window that leads goes, this one does.
      locks.request(name, { signal: waiting.signal }, hold).catch(lost);
    };
    const lost = () => {
      // Another window has taken over.
      if (!gone && !waiting.signal.aborted) follow();
    };
    if (asked > 0) locks.request(name, { steal: true }, hold).catch(lost);
    else
      locks
        .request(name, { ifAvailable: true }, (lock) => {
          if (lock) return hold();
          follow();
          return undefined;
        })
        .catch(lost);
    return () => {
      gone = true;
      waiting.abort();
      release();
    };
  }, [jobId, asked]);
  const takeOver = useCallback(() => setAsked((n) => n + 1), []);
  return { leads, takeOver };
}
