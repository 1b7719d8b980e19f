import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A display that shows nothing at speed has a magnet, a sensor or a plug to look at, not a line.",
  bike: { ...HUB, oneTrueKmh: "20", oneShown: "0" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "2190" },
  plan: { w: "2190" },
  reading: "nothing-shown",
};
