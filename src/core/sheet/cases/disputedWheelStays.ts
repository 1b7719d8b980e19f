import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson:
    "Where two say different things of a line and nobody has tried it, the plan leaves it, and the speed is not known.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w", {
      claims: [
        { from: "leaflet", on: null, confidence: 0.6, says: "WD", setting: "circumferenceMm", chosen: false },
        { from: "seller", on: null, confidence: 0.6, says: "watts", setting: "currentLimitA", chosen: false },
      ],
    }),
    counted("p", "pulsesPerTurn", { min: 1, max: 12 }),
  ],
  found: { w: "2000", p: "1" },
  plan: { w: "2000" },
  because: { w: "reason.unsure" },
  saysNot: ["hazard.speedometer-mistake"],
};
