/** A chord that opens a menu only soon after power-on: how long there is for it, and what it does when it is late. */
import { LONG_ON_MS, rulesFor, type Deed, type DisplayProfile } from "../display";
import type { CardStep } from "./card";

/** A chord that is in time only so long after power-on. */
export interface ChordWindow {
  /** From power-on, ms. */
  readonly ms: number;
  /** What is left of it when the step begins, ms. */
  readonly leftMs: number;
  /** What the same keys do when they come later; null where nothing. */
  readonly late: Deed | null;
}

/** The window of time a step's first chord has to fall in; null where it has none. */
export function chordWindowOf(profile: DisplayProfile, step: CardStep): ChordWindow | null {
  const stroke = step.runs[0]?.stroke;
  if (!stroke || !("keys" in stroke)) return null;
  const { before } = step;
  const timed = rulesFor(profile, before, stroke.keys, before.sincePowerOnMs).find(
    ({ sincePowerOn, gesture }) => sincePowerOn?.kind === "within" && gesture.kind === stroke.kind,
  );
  const ms = timed?.sincePowerOn?.ms;
  if (ms === undefined) return null;
  const late = rulesFor(profile, { ...before, sincePowerOnMs: LONG_ON_MS }, stroke.keys, LONG_ON_MS)[0];
  return { ms, leftMs: Math.max(0, ms - before.sincePowerOnMs), late: late?.does ?? null };
}
