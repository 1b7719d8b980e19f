/**
 * What is said aloud at the keys: short, in working order, as it would be called across a stand. "Plus, four taps. It
 * must show 32." Another language is another file of these.
 */
import { linesOf, viewOf, type DisplayProfile, type View } from "@/core/display";
import type { CardStep, StrokeRun } from "@/core/keys";
import { keyOf } from "./keys";
import { lineName } from "./settings";
import { secondsOf } from "./speak";

/** The language these are said in, for the voice. */
export const ALOUD_LANG = "en";

const SMALL = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];
const said = (n: number): string => SMALL[n] ?? String(n);
const seconds = (ms: number): string => (ms === 1000 ? "one second" : `${secondsOf(ms)} seconds`);

const keysAloud = (profile: DisplayProfile, keys: readonly string[]): string =>
  keys.map((id) => keyOf(profile, id)?.name ?? id).join(" and ");

function runAloud(profile: DisplayProfile, { stroke, count, views }: StrokeRun): string {
  if (stroke.kind === "wait") return `Hands off, ${seconds(stroke.ms)}`;
  const keys = keysAloud(profile, stroke.keys);
  const both = stroke.keys.length > 1 ? "together, " : "";
  switch (stroke.kind) {
    case "tap":
      return `${keys}, ${both}${said(count)} ${count === 1 ? "tap" : "taps"}`;
    case "double-tap":
      return `${keys}, ${both}double tap`;
    case "hold":
      return `${keys}, ${both}hold ${seconds(stroke.holdMs)}`;
    case "keep-holding":
      return (
        `${keys}, ${both}hold ${seconds(stroke.holdMs)}, ` +
        `then only ${keysAloud(profile, stroke.keep)}, ${seconds(stroke.keepMs)} more`
      );
    case "repeat": {
      const last = views.at(-1);
      return `${keys}, ${both}hold until ${last?.kind === "line" ? last.shows : "it is there"}`;
    }
  }
}

/** What must be seen then. */
function mustShowAloud(view: View, from: View): string {
  switch (view.kind) {
    case "line":
      return from.kind === "line" && from.code === view.code
        ? `It must show ${view.shows}${view.blinks ? ", blinking" : ""}`
        : `It must show line ${view.code}, ${view.shows}${view.blinks ? ", blinking" : ""}`;
    case "entry":
      return `It must show ${view.code}`;
    case "code":
      return `It must show the code, ${view.shows}`;
    case "confirm":
      return `It must ask ${view.shows}`;
    case "home":
      return "The home screen must come up";
    case "off":
      return "It must go dark";
    case "monitor":
      return "The monitor page must come up";
    case "walk-assist":
      return "Walk assist";
  }
}

const sentence = (text: string): string => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}.`;

/** One step of the card: its keys in order, then what must show. A line nobody has read is asked for instead. */
export function stepAloud(profile: DisplayProfile, step: CardStep, unread: readonly number[]): string {
  const view = viewOf(profile, step.after);
  const keys = step.runs.map((run) => sentence(runAloud(profile, run)));
  const asked = view.kind === "line" && unread.includes(view.line);
  const then = asked ? `Line ${view.code}. Say what it shows` : mustShowAloud(view, viewOf(profile, step.before));
  return [...keys, sentence(then)].join(" ");
}

/** A line nobody has read, up on the display. */
export function readingAloud(profile: DisplayProfile, line: number): string {
  const described = linesOf(profile)[line];
  return described ? `Line ${described.code}, ${lineName(described)}. What does it show?` : "";
}
