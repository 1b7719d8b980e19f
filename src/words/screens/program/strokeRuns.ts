// The words of screens/program/StrokeRuns.
export const displayGoesDark = "display goes dark";
export const ifYouPassIt = "if you pass it, tap back";
export const goesTo = (code: string) => `goes to ${code}`;
export const strokeRunsBlinks = (shows: string) => `${shows} blinks`;
export const untilItShows = (shows: string) => `until it shows ${shows}`;
export const together = "both, ";
export const then = ", then";
export const and = "and";
