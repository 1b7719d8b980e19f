import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A reading that is true on a wheel line that cannot be does not fit, though the speed is right.",
  bike: { ...HUB, oneTrueKmh: "20", oneShown: "20" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "1752" },
  plan: { w: "2190" },
  says: { "hazard.reading-misfit": "caution" },
  reading: "unexplained",
};
