/**
 * Ladders of one kit with different numbers of levels, side by side: how many of each are real. Modes are chosen by
 * measuring each: common practice, no source.
 */
import { twinsBySpeed, type Twin } from "./twins";

export interface LevelMode {
  readonly speedsKmh: readonly number[];
  /** Levels that are really one before them; index from 0. */
  readonly twins: readonly Twin[];
  /** Levels that differ from every one before them. */
  readonly real: number;
  /** Greatest step between two real neighbours, km/h; null with fewer than two. */
  readonly widestKmh: number | null;
}

/** What a ladder comes to. Speeds in km/h, lowest level first; twins by speed where nothing else is known. */
export function levelMode(speedsKmh: readonly number[], twins = twinsBySpeed(speedsKmh)): LevelMode {
  const real = speedsKmh.filter((_, i) => !twins.some(({ level }) => level === i));
  const steps = real.slice(1).map((kmh, i) => kmh - (real[i] ?? 0));
  return { speedsKmh, twins, real: real.length, widestKmh: steps.length === 0 ? null : Math.max(...steps) };
}

/** The modes measured, fewest levels first. */
export const levelModes = (ladders: readonly (readonly number[])[]): readonly LevelMode[] =>
  [...ladders].sort((a, b) => a.length - b.length).map((speeds) => levelMode(speeds));

/** The mode with most real levels; of those as good, the one with fewest levels to step through. */
export const richestMode = (modes: readonly LevelMode[]): LevelMode | null =>
  modes.reduce<LevelMode | null>((best, mode) => (best && best.real >= mode.real ? best : mode), null);
