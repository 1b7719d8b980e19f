import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A reading a fifth low on a wheel line a fifth small is what the lines say: no misfit, the wheel is set.",
  bike: { ...HUB, oneTrueKmh: "20", oneShown: "16" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "1752" },
  plan: { w: "2190" },
  saysNot: ["hazard.reading-misfit"],
};
