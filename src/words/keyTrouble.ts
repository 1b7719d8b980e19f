/** What may go wrong with keys: a missed chord, a plan that does not lead there. */
import type { Danger } from "@/core/display";
import type { NearMiss, PlanProblem } from "@/core/keys";

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

export function planProblemText(problem: PlanProblem): string {
  if (problem.key === "plan.locked") return "The display asks for a start PIN. Its owner knows it.";
  return problem.key === "plan.no-way"
    ? "The keys of this display do not lead there. Check its description."
    : `Line ${problem.code} cannot be stepped to ${problem.raw}. Choose a value it holds.`;
}
