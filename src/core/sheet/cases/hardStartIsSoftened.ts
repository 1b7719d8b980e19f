import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "The hardest start is softened.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [counted("s", "startStrengthShare", { min: 1, max: 5, perRaw: 0.2 })],
  found: { s: "5" },
  plan: { s: "2" },
  because: { s: "reason.start-strength" },
};
