import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelCodes } from "./lines";

export const CASE: Case = {
  lesson: "Pulses right and the wheel a 16 on a 28: the wheel alone explains it and is set.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelCodes("w", [16, 20, 24, 26, 27.5, 28, 29]), counted("n", "pulsesPerTurn", { min: 1, max: 6 })],
  found: { w: "16", n: "1" },
  plan: { w: "27.5", n: "1" },
  says: { "hazard.speedometer-mistake": "breach" },
  gone: ["hazard.speedometer-mistake"],
};
