/**
 * One word for one thing: keys, what they do, what may go wrong, and what the display shows. docs/glossary.md explains
 * them.
 */
import type { Danger, DisplayKey, DisplayProfile, View } from "@/core/display";
import type { NearMiss, PlanProblem, Stroke, StrokeRun } from "@/core/keys";
import { secondsOf } from "./speak";

export const keyOf = (profile: DisplayProfile, id: string): DisplayKey | null =>
  profile.keys.find((key) => key.id === id) ?? null;

/** "Lamp + Plus", as said aloud. */
export const keyNames = (profile: DisplayProfile, keys: readonly string[]): string =>
  keys.map((id) => keyOf(profile, id)?.name ?? id).join(" + ");

export const ACTION_WORDS = {
  restore: "puts the maker’s values back: everything set is lost",
  "clear-trip": "clears the trip",
  "clear-odometer": "clears the odometer",
  "set-pin": "sets a start PIN",
  "copy-settings": "copies the settings to another controller",
} as const;

export const DANGER_WORDS: Readonly<Record<Danger, string>> = {
  "bike-moves": "the bike drives off",
  "erases-settings": "every setting is lost",
  "erases-distance": "the odometer is cleared",
  "locks-out": "the display locks",
};

/** What happens when a chord is missed, as a sentence goes on after its keys. */
export function missWords({ does, danger }: NearMiss): string {
  if (does.kind === "run-action") return ACTION_WORDS[does.action];
  return `${does.kind === "start-cruise" ? "starts cruise" : "starts walk assist"}: ${DANGER_WORDS[danger]}`;
}

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
      return `${view.code} · ${view.shows}`;
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
export function strokeWords(stroke: Stroke, times: number, ends: string | null): string {
  switch (stroke.kind) {
    case "tap":
      return times === 1 ? "1 tap" : `${times} taps`;
    case "hold":
      return `hold ${secondsOf(stroke.holdMs)} s`;
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
  if (run.stroke.kind === "wait") return strokeWords(run.stroke, run.count, null);
  const stays = run.views.every((view) => view.kind === "line" && last?.kind === "line" && view.code === last.code);
  const onLine =
    last?.kind === "line" && run.stroke.kind === "tap"
      ? stays && run.count > 0
        ? ` (line ${last.code} shows ${last.shows})`
        : ` to line ${last.code}`
      : "";
  const result = last?.kind === "entry" ? ` to ${last.code}` : onLine;
  return `${keyNames(profile, run.stroke.keys)} ${strokeWords(run.stroke, run.count, shown)}${result}`;
}

export function planProblemText(problem: PlanProblem): string {
  if (problem.key === "plan.locked") return "The display asks for a start PIN. Its owner knows it.";
  return problem.key === "plan.no-way"
    ? "The keys of this display do not lead there. Check its description."
    : `Line ${problem.code} cannot be stepped to ${problem.raw}. Choose a value it holds.`;
}
