/**
 * One word for one thing: keys, what a hand does to them, and what the display shows. docs/glossary.md explains them.
 */
import type { DisplayKey, DisplayProfile, View } from "@/core/display";
import type { Stroke, StrokeRun } from "@/core/keys";
import { secondsOf } from "./speak";

export const keyOf = (profile: DisplayProfile, id: string): DisplayKey | null =>
  profile.keys.find((key) => key.id === id) ?? null;

/** "Lamp + Plus", as said aloud. */
export const keyNames = (profile: DisplayProfile, keys: readonly string[]): string =>
  keys.map((id) => keyOf(profile, id)?.name ?? id).join(" + ");

/** What can be seen on a display, in few words. */
export function viewWords(view: View): string {
  switch (view.kind) {
    case "line":
      return `${view.code} · ${view.shows}${view.blinks ? ", blinking" : ""}`;
    case "entry":
      return view.code;
    case "code":
      return `code ${view.shows}`;
    case "confirm":
      // A question asked from the home screen stands under no line.
      return view.code ? `${view.code} · ${view.shows}` : view.shows;
    case "home":
      return "home screen";
    case "off":
      return "dark";
    case "monitor":
      return "monitor page";
    case "walk-assist":
      return "walk assist";
  }
}

/** What to do with the keys of a stroke: "3 taps", "hold 1.8 s". */
export function strokeWords(profile: DisplayProfile, stroke: Stroke, times: number, ends: string | null): string {
  switch (stroke.kind) {
    case "tap":
      return times === 1 ? "1 tap" : `${times} taps`;
    case "hold":
      return `hold ${secondsOf(stroke.holdMs)} s`;
    case "keep-holding": {
      const kept = keyNames(profile, stroke.keep);
      return `hold ${secondsOf(stroke.holdMs)} s, then only ${kept} ${secondsOf(stroke.keepMs)} s more`;
    }
    case "double-tap":
      return "double tap";
    case "repeat":
      return ends ? `hold until ${ends}` : "hold";
    case "wait":
      return `wait ${secondsOf(stroke.ms)} s`;
  }
}

/** A run of strokes with its keys, as one phrase: "Plus 3 taps to 29". */
export function stepRunWords(profile: DisplayProfile, run: StrokeRun): string {
  const last = run.views[run.views.length - 1];
  const shown = last?.kind === "line" ? last.shows : null;
  if (run.stroke.kind === "wait") return strokeWords(profile, run.stroke, run.count, null);
  const stays = run.views.every((view) => view.kind === "line" && last?.kind === "line" && view.code === last.code);
  const onLine =
    last?.kind === "line" && run.stroke.kind === "tap"
      ? stays && run.count > 0
        ? ` (line ${last.code} shows ${last.shows})`
        : ` to line ${last.code}`
      : "";
  const result = last?.kind === "entry" ? ` to ${last.code}` : onLine;
  return `${keyNames(profile, run.stroke.keys)} ${strokeWords(profile, run.stroke, run.count, shown)}${result}`;
}
