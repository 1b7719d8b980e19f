import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "The softest start is not made harsher for a rider used to it.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [counted("s", "startStrengthShare", { min: 1, max: 5, perRaw: 0.2 })],
  found: { s: "1" },
  plan: { s: "1" },
  because: { s: "reason.calm-already" },
};
