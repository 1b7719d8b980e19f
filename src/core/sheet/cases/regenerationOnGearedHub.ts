import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "Regeneration on a geared hub charges nothing and is switched off.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [counted("g", "regenShare", { max: 5, perRaw: 0.2 })],
  found: { g: "3" },
  plan: { g: "0" },
  says: { "hazard.regeneration": "caution" },
  gone: ["hazard.regeneration"],
};
