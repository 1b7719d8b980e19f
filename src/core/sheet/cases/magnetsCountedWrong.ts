import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "On a spoke there are magnets, not poles: the line is set to how many there are.",
  bike: { ...HUB, pulsesPerTurn: "1" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("n", "pulsesPerTurn", { min: 1, max: 12 })],
  found: { w: "2190", n: "2" },
  plan: { w: "2190", n: "1" },
  says: { "hazard.speedometer-mistake": "breach" },
  mistake: "magnets",
  gone: ["hazard.speedometer-mistake"],
};
