// The words of screens/program/CountedLine.
import type { Counted } from "@/core/keys/cues";
import { secondsOf } from "../../speak";

export const pressed = "pressed";
export const startsIn = (ms: number) => (Number.isFinite(ms) ? `starts in ${Math.ceil(ms / 1000)}` : "get ready");
export function countedSaid({ kind, nth, of, isDown, leftMs }: Counted): string {
  if (kind === "tap") return nth === of ? `${nth}, the last` : `${nth} of ${of}`;
  if (!isDown) return kind === "wait" ? "now" : "let go";
  return `${secondsOf(Math.ceil(leftMs / 100) * 100)} s more`;
}
