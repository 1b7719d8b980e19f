import type { Case } from "./case";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "The hardest start is softened.",
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
  lines: [counted("s", "startStrengthShare", { min: 1, max: 5, perRaw: 0.2 })],
  found: { s: "5" },
  plan: { s: "2" },
  because: { s: "reason.start-strength" },
};
