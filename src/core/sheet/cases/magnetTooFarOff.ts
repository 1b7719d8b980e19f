import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Half the speed with two magnets counted right is one the sensor does not see.",
  bike: { ...HUB, pulsesPerTurn: "2", oneTrueKmh: "22", oneShown: "11" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("n", "pulsesPerTurn", { min: 1, max: 12 })],
  found: { w: "2190", n: "2" },
  plan: { w: "2190", n: "2" },
  reading: "half",
};
