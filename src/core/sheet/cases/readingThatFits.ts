import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A reading within a few per cent of what the lines say is no news.",
  bike: { ...HUB, oneTrueKmh: "25", oneShown: "24" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "2190" },
  plan: { w: "2190" },
  saysNot: ["hazard.reading-misfit"],
};
