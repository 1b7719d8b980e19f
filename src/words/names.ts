/** One word for one thing: marks. docs/glossary.md explains them. */
import type { Mark } from "@/core/sheet";

export const MARK_NAMES: Readonly<Record<Mark, string>> = {
  same: "same",
  odd: "odd",
  caution: "caution",
  breach: "breach",
  unknown: "unknown",
  "left-alone": "left alone",
};
