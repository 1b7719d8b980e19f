import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson:
    "A wheel line in millimetres that holds the diameter reads a third of the speed: the line is named, and set to " +
    "the circumference.",
  bike: { ...HUB, rolloutMm: "2190" },
  leavesAs: null,
  lines: [
    wheelMm("w", {
      encoding: {
        kind: "wheel-size",
        setting: "circumferenceMm",
        heldIn: "mm",
        rawMin: 300,
        rawMax: 2600,
        circumferenceUncertainty: 0,
      },
    }),
  ],
  found: { w: "697" },
  plan: { w: "2190" },
  says: { "hazard.speedometer-mistake": "breach" },
  mistake: "diameter-for-circumference",
  gone: ["hazard.speedometer-mistake"],
};
