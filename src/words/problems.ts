/** Plain wording of what could not be taken, and what would be. */
import type { ShownProblem } from "@/core/display";
import type { JobFileProblem } from "@/core/record/jobFile";
import type { FieldProblem } from "@/core/facts";
import type { RolloutDisagreement } from "@/core/wheel";
import { otherUnits } from "@/core/units/quantity";
import { plain } from "./speak";

export function shownProblemText(problem: ShownProblem): string {
  if (problem.key === "shown.not-a-value")
    return `This line shows ${problem.accepted.join(", ")}. Is it the right line, or another variant of the display?`;
  return (
    `This line shows ${problem.min} to ${problem.max} in steps of ${plain(problem.step, 2)}. Is it the right line, ` +
    "or another variant of the display?"
  );
}

/** Units a figure may be typed in besides its own. */
const alsoIn = (unit: string | null): string =>
  otherUnits(unit).length > 0 ? `, or name another unit: ${otherUnits(unit).join(", ")}` : "";

export function fieldProblemText(problem: FieldProblem): string {
  switch (problem.key) {
    case "field.not-a-number":
      return (
        `Give a number from ${problem.min} to ` +
        `${problem.max}${problem.unit ? ` ${problem.unit}` : ""}${alsoIn(problem.unit)}.`
      );
    case "field.out-of-range":
      return `Give ${problem.min} to ${problem.max}${problem.unit ? ` ${problem.unit}` : ""}.`;
    case "field.not-whole":
      return `Give a whole number from ${problem.min} to ${problem.max}.`;
    case "field.not-an-option":
      return `Choose one of ${problem.accepted.join(", ")}.`;
    case "field.too-long":
      return `Keep it to ${problem.longest} characters.`;
    case "field.not-volts":
      return "Give one or more voltages from 12 to 120, such as 36/48.";
    case "tyre.ambiguous":
      return (
        `That size stands for several rims: ${problem.designations.join(", ")}. Choose one below, or type the ` +
        "designation."
      );
    case "tyre.width-missing":
      return (
        `The width is missing. The rim could be ${problem.beadSeatsMm.join(", ")} mm. Look for a marking such as ` +
        `50-${problem.beadSeatsMm[0] ?? 622}.`
      );
    case "tyre.not-a-designation":
      return "Give width and rim as on the sidewall, such as 50-559.";
    case "tyre.width-out-of-range":
      return `The width is ${problem.minMm} to ${problem.maxMm} mm.`;
    case "tyre.unknown-bead-seat":
      return `No common rim is ${problem.beadSeatMm} mm. Nearest: ${problem.nearestMm}.`;
  }
}

export const disagreementText = ({ measuredMm, expectedMm }: RolloutDisagreement): string =>
  `Rolled ${plain(measuredMm, 0)} mm a turn; this tyre should roll about ${plain(expectedMm, 0)}. Miscounted ` +
  "turns, or another tyre?";

export function fileProblemText(problem: JobFileProblem): string {
  switch (problem.key) {
    case "file.too-large":
      return `The file is ${plain(problem.bytes / 1e6)} MB; a job file is ${plain(problem.most / 1e6)} MB at most.`;
    case "file.not-json":
      return problem.looksCutShort
        ? `The file ends in the middle: it was cut short. ${problem.detail}`
        : `This is not a JSON file. ${problem.detail}`;
    case "file.not-a-job":
      return problem.found
        ? `This is a file of another kind (${problem.found}). A job file says odd-spoke/job.`
        : "This JSON is not a job file. A job file says odd-spoke/job.";
    case "file.older":
      return (
        `The file is of format ${problem.version}, older than ${problem.accepted}, which is the oldest this version ` +
        "reads."
      );
    case "file.newer":
      return (
        `The file is of format ${problem.version}; this version reads format ${problem.accepted}. Update this copy ` +
        "first."
      );
    case "file.field":
      return `At ${problem.path || "the top"}: ${problem.detail}`;
    case "file.broken-seal":
      return (
        `Sheet ${problem.sheet} does not match its seal: it was changed after it was sealed, or the chain is broken ` +
        "there."
      );
  }
}
