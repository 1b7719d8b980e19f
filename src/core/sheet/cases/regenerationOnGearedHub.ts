import type { Case } from "./case";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "Regeneration on a geared hub charges nothing and is switched off.",
  bike: {
    tyre: "50-622",
    rolloutMm: "2190",
    motorKind: "geared-hub",
    motorRatedW: "250",
    throttleFitted: "no",
    packV: "36",
    controllerA: "15",
  },
  leavesAs: "eu-epac",
  lines: [counted("g", "regenShare", { max: 5, perRaw: 0.2 })],
  found: { g: "3" },
  plan: { g: "0" },
  says: { "hazard.regeneration": "caution" },
  gone: ["hazard.regeneration"],
};
