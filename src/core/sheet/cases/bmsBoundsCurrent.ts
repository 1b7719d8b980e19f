import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "A BMS that would trip is a breach, and its rating is the target.",
  bike: { ...HUB, controllerA: "25", bmsA: "15" },
  leavesAs: "eu-epac",
  lines: [counted("i", "currentLimitA", { min: 1, max: 30 })],
  found: { i: "22" },
  plan: { i: "15" },
  says: { "hazard.current-over": "breach" },
  gone: ["hazard.current-over"],
};
