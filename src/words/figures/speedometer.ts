/** Words of the speedometer and its calibration. */
import { YES_NO, type FigureWords } from "./words";

export const SPEEDOMETER_WORDS = {
  runs: { label: "Steady runs" },
  trueUnit: { label: "True speeds are read in", options: { kmh: "km/h", mph: "mph" } },
  shownStep: { label: "The display’s speed goes in steps of" },
  truncates: { label: "It cuts off instead of rounding", options: YES_NO },
  wantedPercent: { label: "Wanted: r to within ±" },
  tripShown: { label: "Trip on the display" },
  tripStep: { label: "The trip goes in steps of" },
  trackKm: { label: "Length of the track", hint: "Comes from the GPX file, or type it." },
  trackErrorKm: { label: "The track may be off by", hint: "Left empty, 1 % is taken: from memory." },
  courseM: { label: "Length of the course" },
  courseTapeM: { label: "It may be off by" },
  courseS: { label: "Time taken" },
  stopwatchS: { label: "Stopwatch may be off by" },
  courseShown: { label: "The display showed" },
} as const satisfies Readonly<Record<string, FigureWords>>;
