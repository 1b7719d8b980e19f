import type { Case } from "./case";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "The softest start is not made harsher for a rider used to it.",
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
  found: { s: "1" },
  plan: { s: "1" },
  because: { s: "reason.calm-already" },
};
