/**
 * What a hand takes for a key: common practice, no source. A tap every third of a second, half a second to settle after
 * a hold, a little care to let go of a repeating key in time.
 */
export const KEY_COSTS = {
  /** A tapped key is down this long, ms, */
  tapHeldMs: 120,
  /** and the next stroke comes this long after, ms. */
  tapGapMs: 230,
  /** Between the two taps of a double tap, ms. */
  doubleTapGapMs: 100,
  /** A held key is held this much longer than the display asks, ms, */
  holdMarginMs: 150,
  /** and the hand settles this long, ms. */
  holdGapMs: 450,
  /** Finding each further key of a chord, ms. */
  extraKeyMs: 300,
  /** Watching a repeating value and letting go in time, ms. */
  repeatCareMs: 600,
  /** Waited beyond the menu's own time-out to see it close, ms. */
  waitMarginMs: 200,
} as const;
