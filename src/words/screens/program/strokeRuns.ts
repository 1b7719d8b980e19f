// The words of screens/program/StrokeRuns.
import type { Counted } from "@/core/keys";
import { secondsOf } from "../../speak";

export const displayGoesDark = "display goes dark";
export const ifYouPassIt = "if you pass it, tap back";
export const goesTo = (code: string) => `goes to ${code}`;
export const strokeRunsBlinks = (shows: string) => `${shows} blinks`;
export const untilItShows = (shows: string) => `until it shows ${shows}`;
export const together = "both, ";
export const then = ", then";
export const and = "and";
export const pressed = "pressed";
export const startsIn = (ms: number) => (Number.isFinite(ms) ? `starts in ${Math.ceil(ms / 1000)}` : "get ready");
export function countedSaid({ kind, nth, of, isDown, leftMs }: Counted): string {
  if (kind === "tap") return nth === of ? `${nth}, the last` : `${nth} of ${of}`;
  if (!isDown) return kind === "wait" ? "now" : "let go";
  return `${secondsOf(Math.ceil(leftMs / 100) * 100)} s more`;
}
