import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A line that holds the motor's own count, its gear left out, is named for that.",
  bike: { ...HUB, pickUp: "inside-motor", pulsesPerTurn: "80", gearRatio: "5" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("n", "pulsesPerTurn", { min: 1, max: 120 }, { makerOnly: true })],
  found: { w: "2190", n: "16" },
  plan: { w: "2190", n: "16" },
  says: { "hazard.speedometer-mistake": "caution" },
  mistake: "ratio-left-out",
};
