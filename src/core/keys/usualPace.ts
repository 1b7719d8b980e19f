/** How fast a person is at the keys, and the pace of anybody nobody has measured yet: common practice, no source. */
import { KEY_COSTS } from "./costs";

export interface Pace {
  /** From one tap of a key to the next, ms. */
  readonly tapMs: number;
  /** Settling after a held key was let go, ms. */
  readonly settleMs: number;
  /** Reading one run of equal strokes off the card, ms. */
  readonly lookMs: number;
  /** Looking at what the display shows then, saying so, and getting back to the keys, ms. */
  readonly answerMs: number;
}

export const USUAL_PACE: Pace = {
  tapMs: KEY_COSTS.tapHeldMs + KEY_COSTS.tapGapMs,
  settleMs: KEY_COSTS.holdGapMs,
  lookMs: 1100,
  answerMs: 1500,
};

/** What is believed of anybody's pace, ms: outside of it something else took the time. */
export const PACE_RANGE: Readonly<Record<keyof Pace, readonly [least: number, most: number]>> = {
  tapMs: [150, 1500],
  settleMs: [100, 3000],
  lookMs: [200, 6000],
  answerMs: [300, 10_000],
};
