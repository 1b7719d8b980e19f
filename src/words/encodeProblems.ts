/** Plain wording of a value a line cannot hold. */
import type { EncodeProblem } from "@/core/display";
import { plain } from "./speak";

export function encodeProblemText(problem: EncodeProblem): string {
  switch (problem.key) {
    case "encode.below-range":
      return `The line holds ${plain(problem.least, 2)} or more; ${plain(problem.asked, 2)} is asked.`;
    case "encode.above-range":
      return `The line holds ${plain(problem.most, 2)} at most; ${plain(problem.asked, 2)} is asked.`;
    case "encode.unknown-scale":
      return "Nobody knows what the numbers of this line stand for. Measure it first.";
    case "encode.no-such-choice":
      return problem.accepted.length > 0
        ? `The line has no value for ${problem.asked}. It holds ${problem.accepted.join(", ")}.`
        : `The line has no value for ${problem.asked}.`;
  }
}
