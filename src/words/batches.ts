/**
 * What is said of the bikes of a batch: how far each is, in what one is not as the sheet, why one cannot be taken in.
 */
import type { BatchStep, Exception, NameProblem, NoBatch, NotInto } from "@/core/batch";
import type { Batch } from "@/core/record/job";
import { typedFactText } from "./typedFact";
import { findingText, INTAKE_WORDS, reasonWhy, type Voice } from "./index";

/** What is to be done with a bike next. */
export const STEP_NAMES: Readonly<Record<BatchStep, string>> = {
  facts: "Facts missing",
  "as-found": "As found",
  settle: "Plan to settle",
  keys: "Keys",
  "read-back": "Read back",
  checks: "Checks",
  "hand-over": "Ready to leave",
  gone: "Handed over",
};

/** The same, as a button says what it leads to. */
export const STEP_DEEDS: Readonly<Record<BatchStep, string>> = {
  facts: "its facts",
  "as-found": "as found",
  settle: "its plan",
  keys: "its keys",
  "read-back": "read back",
  checks: "its checks",
  "hand-over": "hand over",
  gone: "its papers",
};

/** How far the sheet was proven on the bike it was made on. */
export const SHEET_STANDING: Readonly<Record<Batch["from"]["standing"], string>> = {
  planned: "taken as planned there, not read back: prove one bike before you set the others",
  "read-back": "taken as read back there",
  "as-left": "taken as it left, read back and sealed",
};

export const NO_BATCH: Readonly<Record<NoBatch, string>> = {
  "no-display": "This bike has no display yet, so there is no sheet to put onto others.",
  "nothing-planned": "Nothing is planned or read back on this bike yet, so there is no sheet to put onto others.",
};

export const NOT_INTO: Readonly<Record<NotInto | "not-here", string>> = {
  "not-here": "it is not in this book any more",
  "is-the-pattern": "the sheet was made on it",
  "in-a-batch": "it is in a batch already",
  "keys-begun": "keys were begun on it",
  "has-left": "it was handed over",
  "other-display": "it has another display",
};

export function nameProblemText(problem: NameProblem): string {
  switch (problem.kind) {
    case "twice":
      return `“${problem.name}” is named twice.`;
    case "too-long":
      return `“${problem.name.slice(0, 24)}…” is longer than the ${problem.most} letters a ticket takes.`;
    case "too-many":
      return `${problem.asked} bikes; at most ${problem.most} are added at once.`;
    case "backwards":
      return `“${problem.line}” counts backwards: write the lower number first.`;
  }
}

const sentence = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** One way in which a bike is not as its batch, in a sentence; `what` names the line where it is one. */
export function exceptionText(
  exception: Exception,
  { voice, display, lineName }: { voice: Voice; display: string; lineName: (code: string) => string },
): string {
  switch (exception.kind) {
    case "seal":
      return "A sealed sheet does not hold: something was changed after it was sealed.";
    case "finding":
      return findingText(exception.finding.message, voice);
    case "read-back":
      return exception.read === ""
        ? `Line ${exception.code} ${lineName(exception.code)}: what was read back is nothing it can show.`
        : `Line ${exception.code} ${lineName(exception.code)} shows ${exception.read}; planned ${exception.planned}.`;
    case "display":
      return `Its display was described anew since the sheet was made (revision ${exception.revision}).`;
    case "class":
      return exception.here === null
        ? `No class is chosen; the sheet was made for ${exception.there ?? "none"}.`
        : `It must leave as ${exception.here}; the sheet was made for ${exception.there ?? "no class"}.`;
    case "fact":
      return (
        `${INTAKE_WORDS[exception.key].label}: ${typedFactText(exception.key, exception.here)} here, ` +
        `${typedFactText(exception.key, exception.there)} on the first.`
      );
    case "fact-missing":
      return (
        `${INTAKE_WORDS[exception.key].label}: nobody has said it of this bike; ` +
        `${typedFactText(exception.key, exception.there)} on the first.`
      );
    case "line": {
      const why = reasonWhy(exception.reason, display, voice).join(" ");
      const here = exception.here === null ? "comes to no value" : `comes to ${exception.here}`;
      return (
        `Line ${exception.code} ${lineName(exception.code)}: the sheet says ${exception.there}, ` +
        `its own plan ${here}. ${sentence(why)}`
      );
    }
    case "measured":
      return (
        `${INTAKE_WORDS[exception.key].label}: ${typedFactText(exception.key, exception.there)} was measured on the ` +
        "first only. Measure each, or take what the sidewall says."
      );
  }
}
