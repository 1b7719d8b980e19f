/** One word for one thing: stages and marks. docs/glossary.md explains them. */
import type { Stage } from "@/core/record";
import type { Mark } from "@/core/sheet";

export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  intake: "Intake",
  "as-found": "As found",
  plan: "Plan",
  program: "Program",
  prove: "Prove",
  "hand-over": "Hand over",
};

export const MARK_NAMES: Readonly<Record<Mark, string>> = {
  same: "same",
  odd: "odd",
  caution: "caution",
  breach: "breach",
  unknown: "unknown",
  "left-alone": "left alone",
};
