// The words of screens/open/ByLight.
import type { CodesProblem } from "@/core/book/travel";
import type { TravelProblem } from "@/core/record/travelSheet";
import { fileProblemText } from "../../problems";

export const byLight = "A bike sent by light";
export const what =
  "Hold the camera to the codes on the other device or on its paper, in any order. Or paste what a scanner read.";
export const openTheCamera = "Open the camera";
export const closeTheCamera = "Close the camera";
export const camera = "What the camera sees";
export const noCamera = (detail: string) => `The camera cannot be opened: ${detail}`;
export const needsSecure =
  "The camera opens at a secure address only: https, or localhost. Paste what a scanner read instead.";
export const paste = "What a scanner read";
export const have = (have: readonly number[], of: number) =>
  `${have.length} of ${of} codes read. Still wanted: ${Array.from({ length: of }, (_, i) => i + 1)
    .filter((n) => !have.includes(n))
    .join(", ")}.`;
export const notWholeYet = "One code is not whole yet.";
export const startAgain = "Start again";
export const fromCodes = "codes";

/** Why the code of a workshop sheet cannot be read. */
export function sheetProblemText(problem: TravelProblem): string {
  switch (problem.key) {
    case "travel.not-one":
      return "That is no code of a workshop sheet.";
    case "travel.version":
      return (
        `That sheet was printed by a later Odd Spoke (${problem.version}). Load this page anew, and scan it ` + "again."
      );
    case "travel.damaged":
      return "Letters are missing or others: the sheet’s code was not read whole. Scan it again.";
  }
}

/** Why what was read cannot be used. */
export function problemText(problem: CodesProblem): string {
  switch (problem.key) {
    case "travel.not-one":
      return "That is no code of Odd Spoke. Scan the ones of “Send by light”, or those printed from there.";
    case "travel.mixed":
      return "These are codes of two different records. Start again with one of them.";
    case "travel.damaged":
      return "Letters are missing or others: a code was not read whole. Scan it again.";
    case "travel.job":
      return fileProblemText(problem.problem);
  }
}
