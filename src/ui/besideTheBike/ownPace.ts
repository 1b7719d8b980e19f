/** The pace of whoever works at this device, as the card has measured it: kept here and nowhere else. */
import { PACE_RANGE, USUAL_PACE, type Pace } from "@/core/keys/usualPace";
import { useSyncExternalStore } from "react";
import { reader, watchKept } from "./kept";

/** The name it is kept under, beside the steps it was learnt from. */
export const PACE_NAME = "odd-spoke.pace";

function isPace(value: unknown): value is Pace {
  if (typeof value !== "object" || value === null) return false;
  const kept = value as Readonly<Record<string, unknown>>;
  return Object.entries(PACE_RANGE).every(([part, [least, most]]) => {
    const ms = kept[part];
    return typeof ms === "number" && ms >= least && ms <= most;
  });
}

/** A pace as it was kept; the usual one where it cannot be read. */
export function readPace(text: string | null): Pace {
  try {
    const { pace } = JSON.parse(text ?? "") as { readonly pace: unknown };
    return isPace(pace) ? pace : USUAL_PACE;
  } catch {
    return USUAL_PACE;
  }
}

const paceNow = reader(PACE_NAME, readPace);

export const useOwnPace = (): Pace => useSyncExternalStore(watchKept, paceNow, () => USUAL_PACE);
