import { count, secondsOf } from "../../speak";

export const believed = "What is believed so far";
export const nothingYet = "Nothing yet.";
export const contradictions = (n: number) => `${count(n, "answer")} spoke against another and was asked again.`;
export const closesAfter = (ms: number) => `The menu closes after ${secondsOf(ms)} s.`;
export const saves = {
  "each-change": "Each change is saved at once.",
  "leaving-line": "A change is saved on leaving its line.",
  "leaving-menu": "Changes are saved on leaving the menu.",
} as const;
export const notAsFound = (lines: readonly string[]) =>
  `No longer as found: ${lines.join(", ")}. A chord that came too late may have put the maker’s values back. What ` +
  "was found is written down: set it again.";
export const nowShows = (code: string, now: string, found: string) => `${code} shows ${now}, found at ${found}`;
export const itCouldBe = (displays: readonly string[]) =>
  "Every line so far is as on " +
  `${displays.slice(0, 3).join("; or on ")}${displays.length > 3 ? "; or on others" : ""}. It could be that one.`;
