import type { Counted } from "@/core/keys/cues";

/** A step counted along, as far as it is. */
export interface Count {
  /** Where it stands; null before its first key. */
  readonly counted: Counted | null;
  /** Until its first key, ms; 0 from there on. */
  readonly startsInMs: number;
  /** When the last key counted so far comes up, on the clock of the countdowns, ms; null before the first. */
  readonly lastKeyMs: number | null;
}
