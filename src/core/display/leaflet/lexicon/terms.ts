/** Terms of the lexicon: a meaning, how much a phrase speaks for it, and the phrase. */
import type { SettingKey } from "../../settings";

/** What leaflets have lines for and no setting of ours means: so that "none of these" can win. */
export const FOREIGN = [
  "over-voltage",
  "phase-current",
  "light-time",
  "level-speed-cap",
  "temperature-limit",
  "gear-sensor",
  "brake-sensor",
  "brake-light",
  "language",
  "clock",
  "version",
  "sound",
  "wireless",
  "motor-ratio",
  "power-limit",
  "screen-look",
] as const;
export type Foreign = (typeof FOREIGN)[number];
export type Meaning = SettingKey | Foreign;

/**
 * Weight from 0.3, a hint, to 1, which leaves no doubt on its own; below 0 it speaks against. The phrase is a pattern
 * over small letters without marks.
 */
export type Term = readonly [meaning: Meaning, weight: number, phrase: string];
