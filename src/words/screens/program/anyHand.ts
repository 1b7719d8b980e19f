// The words of screens/program/AnyHand.
import type { Act } from "@/core/programming/acts";
import { secondsOf } from "../../speak";

export const anyHand = "Any hand, any foot";
export const howHandsAreTaught =
  "Press Teach, then what is to say it: a key, a pedal, a wheel, a button of a game pad or headset, a free place on " +
  "the card. A held press is one press; two in a quarter of a second are one.";
export const actNames: Readonly<Record<Act, string>> = {
  done: "Done",
  other: "It shows something else",
  again: "Say it again",
  back: "One step back",
};
export const teach = "Teach";
export const pressItNow = "Press it now";
export const cross = "×";
export const takeAway = (signal: string, act: string) => `Take ${signal} away from “${act}”`;

const KEY_NAMES: Readonly<Record<string, string>> = {
  " ": "Space",
  PageDown: "Page down",
  PageUp: "Page up",
  ArrowUp: "Up",
  ArrowDown: "Down",
  ArrowLeft: "Left",
  ArrowRight: "Right",
};
const OTHER_SIGNALS: Readonly<Record<string, string>> = {
  tap: "free place on the card",
  "wheel:down": "wheel down",
  "wheel:up": "wheel up",
  "media:play": "headset: play",
  "media:next": "headset: next",
  "media:previous": "headset: previous",
};
export function signalName(signal: string): string {
  const other = OTHER_SIGNALS[signal];
  if (other) return other;
  const [kind = "", name = ""] = [signal.slice(0, signal.indexOf(":")), signal.slice(signal.indexOf(":") + 1)];
  if (kind === "pad") return `pad button ${Number(name) + 1}`;
  return KEY_NAMES[name] ?? name;
}

export const oneKey = "One key for everything";
export const whatOneKeyDoes =
  "With one pedal alone: what can be said is offered in turn, Done first for as long as the keys take. A press takes " +
  "what is offered.";
export const offeredFor = "Each for";
export const secondsSaidOf = (ms: number) => `${secondsOf(ms)} s`;
