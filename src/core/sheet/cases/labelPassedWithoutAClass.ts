import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "While no class is chosen, the label is held against where assist really ends.",
  bike: { ...HUB, labelKmh: "25" },
  leavesAs: null,
  lines: [wheelMm("w"), cap("v")],
  found: { w: "1752", v: "25" },
  plan: { w: "2190", v: "25" },
  says: { "hazard.label-not-cap": "caution" },
  gone: ["hazard.label-not-cap"],
};
