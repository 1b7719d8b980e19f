import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "Assist after five pulses is calm; it is not made three.",
  bike: { ...HUB, crankPulses: "12" },
  leavesAs: "eu-epac",
  lines: [counted("p", "startPulses", { min: 1, max: 15 })],
  found: { p: "6" },
  plan: { p: "6" },
  because: { p: "reason.calm-already" },
};
