import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A label of another speed than the class it leaves in is said, whatever the lines hold.",
  bike: { ...HUB, labelKmh: "20 mph", tapeErrorMm: "0" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), cap("v")],
  found: { w: "2190", v: "25" },
  plan: { w: "2190", v: "25" },
  says: { "hazard.label-not-class": "caution" },
  left: { "hazard.label-not-class": "caution" },
};
