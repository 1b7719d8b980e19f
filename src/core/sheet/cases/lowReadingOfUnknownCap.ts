import type { Case } from "./case";
import { cap, wheelCodes } from "./lines";

export const CASE: Case = {
  lesson: "Where the display cannot be put right, an unknown cap is held under the limit as read low.",
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
  lines: [wheelCodes("w", [26]), cap("v", { basis: "unknown" })],
  found: { w: "26", v: "30" },
  plan: { v: "23" },
  because: { v: "reason.cap-safe" },
};
