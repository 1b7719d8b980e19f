import type { Case } from "./case";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "The controller’s rating moves the current line.",
  bike: {
    tyre: "50-622",
    rolloutMm: "2190",
    motorKind: "geared-hub",
    motorRatedW: "250",
    throttleFitted: "no",
    packV: "36",
    controllerA: "14",
  },
  leavesAs: "eu-epac",
  lines: [counted("i", "currentLimitA", { min: 1, max: 30 })],
  found: { i: "22" },
  plan: { i: "14" },
  because: { i: "reason.current" },
};
