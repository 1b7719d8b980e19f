import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "A 24 V pack has a cut-off of its own cells, not of a 36 V one.",
  bike: { ...HUB, packV: "24" },
  leavesAs: "eu-epac",
  lines: [counted("k", "cutOffV", { min: 180, max: 420, perRaw: 0.1 })],
  found: { k: "190" },
  plan: {},
  says: { "hazard.cut-off-too-low": "breach" },
  gone: ["hazard.cut-off-too-low"],
};
