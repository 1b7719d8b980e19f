import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Line and count agree and the road does not, by just the gear: the count was made before the gear.",
  bike: { ...HUB, pickUp: "inside-motor", pulsesPerTurn: "16", gearRatio: "5", oneTrueKmh: "20", oneShown: "98" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("n", "pulsesPerTurn", { min: 1, max: 120 })],
  found: { w: "2190", n: "16" },
  plan: { w: "2190", n: "16" },
  reading: "gear-ratio",
};
