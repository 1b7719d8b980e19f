/** The pace of whoever works at this device, as the card has measured it: kept here and nowhere else. */
import { PACE_RANGE, USUAL_PACE, type Pace } from "@/core/keys/pace";
import type { PaceSample } from "@/core/keys/learnPace";
import { useSyncExternalStore } from "react";
import { keepText, reader, watchKept } from "./kept";

export interface OwnPace {
  readonly pace: Pace;
  /** Steps it was learnt from, newest last. */
  readonly samples: readonly PaceSample[];
}

/** Steps a pace is learnt from: the latest ones, as hands get quicker. */
export const MOST_SAMPLES = 80;

const NAME = "odd-spoke.pace";
const USUAL: OwnPace = { pace: USUAL_PACE, samples: [] };

const SAMPLE_PARTS = ["taps", "holds", "looks", "fixedMs", "tookMs"] as const satisfies readonly (keyof PaceSample)[];

const isSample = (value: unknown): value is PaceSample =>
  typeof value === "object" &&
  value !== null &&
  SAMPLE_PARTS.every((part) => Number.isFinite((value as Readonly<Record<string, unknown>>)[part]));

function isPace(value: unknown): value is Pace {
  if (typeof value !== "object" || value === null) return false;
  const kept = value as Readonly<Record<string, unknown>>;
  return Object.entries(PACE_RANGE).every(([part, [least, most]]) => {
    const ms = kept[part];
    return typeof ms === "number" && ms >= least && ms <= most;
  });
}

/** A pace as it was kept; the usual one where it cannot be read. */
export function readOwnPace(text: string | null): OwnPace {
  try {
    const { pace, samples } = JSON.parse(text ?? "") as { readonly pace: unknown; readonly samples: unknown };
    return isPace(pace) && Array.isArray(samples) && samples.every(isSample) ? { pace, samples } : USUAL;
  } catch {
    return USUAL;
  }
}

const ownPaceNow = reader(NAME, readOwnPace);

export const useOwnPace = (): OwnPace => useSyncExternalStore(watchKept, ownPaceNow, () => USUAL);

/** Learns from one more step. */
export async function learnFrom(sample: PaceSample): Promise<void> {
  const { learnPace } = await import("@/core/keys/learnPace");
  const samples = [...ownPaceNow().samples, sample].slice(-MOST_SAMPLES);
  keepText(NAME, JSON.stringify({ pace: learnPace(samples), samples } satisfies OwnPace));
}

/** Back to the usual pace. */
export const forgetPace = (): void => keepText(NAME, null);
