import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A pick-up nobody has counted is told by one reading, as something to count, not as something known.",
  bike: { ...HUB, pickUp: "inside-motor", oneTrueKmh: "20", oneShown: "34.8" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("n", "pulsesPerTurn", { min: 1, max: 120 })],
  found: { w: "2190", n: "46" },
  plan: { w: "2190", n: "46" },
  reading: "counted-by-it",
};
