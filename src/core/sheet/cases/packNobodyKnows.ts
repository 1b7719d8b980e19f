import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Nobody has said which packs the display takes and no line tells: that is not known, and no breach.",
  bike: { ...HUB, packV: "60" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "2190" },
  plan: { w: "2190" },
  saysNot: ["hazard.pack-not-taken"],
};
