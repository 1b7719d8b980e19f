// The words of screens/numbers/SpeedometerBench.
export const steadyRuns = "Steady runs";
export const discardFiveSecondsHold = "Discard five seconds, hold ten, out and back. One pair a run.";
export const tripAgainstTheTrack = "Trip against the track";
export const timedCourse = "Timed course";
export const bench = "speedometer";
