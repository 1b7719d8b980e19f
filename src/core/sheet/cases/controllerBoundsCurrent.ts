import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "The controller’s rating moves the current line.",
  bike: { ...HUB, controllerA: "14" },
  leavesAs: "eu-epac",
  lines: [counted("i", "currentLimitA", { min: 1, max: 30 })],
  found: { i: "22" },
  plan: { i: "14" },
  because: { i: "reason.current" },
};
