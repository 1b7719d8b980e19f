import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A wheel once trimmed to hide wrong pulses comes right together with them.",
  bike: { ...HUB, pickUp: "inside-motor", pulsesPerTurn: "80" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("n", "pulsesPerTurn", { min: 1, max: 120 })],
  found: { w: "1260", n: "46" },
  plan: { w: "2190", n: "80" },
};
