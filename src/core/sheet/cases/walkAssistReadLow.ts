import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelCodes } from "./lines";

export const CASE: Case = {
  lesson: "Walk assist by a display that reads low walks faster than it shows.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelCodes("w", [26]), counted("a", "walkAssistKmh", { min: 3, max: 8 })],
  found: { w: "26", a: "6" },
  plan: { a: "5" },
  says: { "walk.over": "breach" },
  gone: ["walk.over"],
};
