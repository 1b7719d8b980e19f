import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson:
    "The advised cut-off lies past the end of the line, the floor does not: the floor is set, and the pack is not " +
    "left to run flat.",
  bike: { ...HUB, packV: "48", series: "13" },
  leavesAs: null,
  lines: [counted("u", "cutOffV", { min: 30, max: 39 })],
  found: { u: "36" },
  plan: { u: "39" },
  says: { "hazard.cut-off-too-low": "breach" },
  gone: ["hazard.cut-off-too-low"],
};
