/**
 * Where facts come from and how far they may be off: which are measured, which are read off the display, and which
 * other fact says how far one may be off. Everything else is said: told by the rider or read off a label.
 */
import type { FactKey, NumberKey } from "./keys";

export const MEASURED: ReadonlySet<FactKey> = new Set<FactKey>([
  "rolloutMm",
  "outerDiameterMm",
  "oneTrueKmh",
  "runs",
  "trackKm",
  "courseM",
  "courseS",
  "measuredSpeeds",
  "freeKmh",
  "offGroundKmh",
  "motorMilliohm",
  "noLoadA",
  "standbyW",
]);

export const READ_OFF: ReadonlySet<FactKey> = new Set<FactKey>(["oneShown", "tripShown", "courseShown", "bars"]);

/** Half of what one step of a reading comes to. */
const halfOf = (step: NumberKey) => (numberOf: (key: NumberKey) => number | null) => (numberOf(step) ?? 0) / 2;

/** How far a fact may be off either way, in its own unit, out of the others. */
export const UNCERTAINTY: {
  readonly [K in FactKey]?: (numberOf: (key: NumberKey) => number | null) => number | null;
} = {
  rolloutMm: (numberOf) => numberOf("tapeErrorMm"),
  oneTrueKmh: (numberOf) => numberOf("oneTrueErrorKmh"),
  trackKm: (numberOf) => numberOf("trackErrorKm"),
  courseM: (numberOf) => numberOf("courseTapeM"),
  courseS: (numberOf) => numberOf("stopwatchS"),
  oneShown: halfOf("shownStep"),
  courseShown: halfOf("shownStep"),
  tripShown: halfOf("tripStep"),
};
