import type { Case } from "./case";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A calibration of 140 % left from another wheel explains the error alone; the wheel is not touched.",
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
  lines: [wheelMm("w"), counted("k", "speedCalibrationPercent", { min: 50, max: 150 }, { makerOnly: true })],
  found: { w: "2190", k: "140" },
  plan: { w: "2190" },
  because: { w: "reason.wheel-not-the-cause" },
  says: { "hazard.speedometer-mistake": "caution" },
};
