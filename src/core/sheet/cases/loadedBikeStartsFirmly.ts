import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "A loaded bike bogs down on a soft start: that is a reason to change it.",
  bike: { ...HUB, frame: "cargo longtail" },
  leavesAs: "eu-epac",
  lines: [counted("s", "startStrengthShare", { min: 1, max: 5, perRaw: 0.2 })],
  found: { s: "1" },
  plan: { s: "4" },
  because: { s: "reason.start-strength" },
};
