import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A calibration of 140 % left from another wheel explains the error alone; the wheel is not touched.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("k", "speedCalibrationPercent", { min: 50, max: 150 }, { makerOnly: true })],
  found: { w: "2190", k: "140" },
  plan: { w: "2190" },
  because: { w: "reason.wheel-not-the-cause" },
  says: { "hazard.speedometer-mistake": "caution" },
  mistake: "calibration",
};
