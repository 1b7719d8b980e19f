import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Poles typed for pole pairs make it read half: the line is named, the danger is said.",
  bike: { ...HUB, pickUp: "inside-motor", pulsesPerTurn: "46" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("n", "pulsesPerTurn", { min: 1, max: 120 }, { makerOnly: true })],
  found: { w: "2190", n: "92" },
  plan: { w: "2190", n: "92" },
  says: { "hazard.speedometer-mistake": "breach" },
  mistake: "poles-for-pairs",
};
