import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A reading that fits no cause is said to fit none.",
  bike: { ...HUB, oneTrueKmh: "20", oneShown: "27" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "2190" },
  plan: { w: "2190" },
  reading: "unexplained",
};
