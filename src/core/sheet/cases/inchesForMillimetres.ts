import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "Sixteen in a line of millimetres is the tyre's inches: the line is set to the circumference.",
  bike: { ...HUB, tyre: "50-305", rolloutMm: "1260" },
  leavesAs: null,
  lines: [counted("w", "circumferenceMm", { min: 10, max: 1990 })],
  found: { w: "16" },
  plan: { w: "1260" },
  says: { "hazard.speedometer-mistake": "breach" },
  mistake: "inches-for-millimetres",
  gone: ["hazard.speedometer-mistake"],
};
