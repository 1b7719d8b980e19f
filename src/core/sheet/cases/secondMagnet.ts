import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Twice the speed with every line right is a second magnet, and no line is bent for it.",
  bike: { ...HUB, oneTrueKmh: "18", oneShown: "36" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "2190" },
  plan: { w: "2190" },
  reading: "twice",
};
