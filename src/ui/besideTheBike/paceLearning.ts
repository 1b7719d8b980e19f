/** Learning a pace from the steps of the card: the latest ones, as hands get quicker. */
import { learnPace, sampleOf, type PaceSample } from "@/core/keys/learnPace";
import { useSyncExternalStore } from "react";
import { keepText, reader, watchKept } from "./kept";
import { PACE_NAME } from "./ownPace";

/** Steps a pace is learnt from. */
const MOST_SAMPLES = 80;

const SAMPLE_PARTS = ["taps", "holds", "looks", "fixedMs", "tookMs"] as const satisfies readonly (keyof PaceSample)[];

const isSample = (value: unknown): value is PaceSample =>
  typeof value === "object" &&
  value !== null &&
  SAMPLE_PARTS.every((part) => Number.isFinite((value as Readonly<Record<string, unknown>>)[part]));

const NONE: readonly PaceSample[] = [];

/** The steps a kept pace was learnt from, newest last; those that cannot be read are left out. */
export function readSamples(text: string | null): readonly PaceSample[] {
  try {
    const { samples } = JSON.parse(text ?? "") as { readonly samples: unknown };
    return Array.isArray(samples) ? samples.filter(isSample) : NONE;
  } catch {
    return NONE;
  }
}

const samplesNow = reader(PACE_NAME, readSamples);

export const useSamples = (): readonly PaceSample[] => useSyncExternalStore(watchKept, samplesNow, () => NONE);

/** Learns from one more step, and how long it took, ms. */
export function learnFrom(step: Parameters<typeof sampleOf>[0], tookMs: number): void {
  const samples = [...samplesNow(), sampleOf(step, tookMs)].slice(-MOST_SAMPLES);
  keepText(PACE_NAME, JSON.stringify({ pace: learnPace(samples), samples }));
}

/** Back to the usual pace. */
export const forgetPace = (): void => keepText(PACE_NAME, null);
