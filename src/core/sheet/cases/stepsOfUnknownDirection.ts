import type { Case } from "./case";
import { HUB } from "./bike";
import { unscaled } from "./lines";

export const CASE: Case = {
  lesson: "Which end is slower nobody knows: it stays, and is said to be unsettled.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [unscaled("v", "assistCapKmh", 9)],
  found: { v: "4" },
  plan: { v: "4" },
  because: { v: "reason.unknown-scale" },
  left: { "cap.measure-it": "unknown" },
};
