import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "What a 250 W motor bears is from memory: a note, never a reason to lower the line.",
  bike: { ...HUB, controllerA: "20" },
  leavesAs: "eu-epac",
  lines: [counted("i", "currentLimitA", { min: 1, max: 30 })],
  found: { i: "18" },
  plan: { i: "18" },
  says: { "hazard.current-over": "note" },
};
