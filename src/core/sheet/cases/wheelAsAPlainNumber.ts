import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "A wheel line written as a plain number in steps of ten is a wheel line like any other.",
  bike: { ...HUB, rolloutMm: "2310" },
  leavesAs: "eu-epac",
  lines: [counted("w", "circumferenceMm", { min: 100, max: 260, perRaw: 10 })],
  found: { w: "210" },
  plan: { w: "231" },
  because: { w: "reason.wheel" },
};
