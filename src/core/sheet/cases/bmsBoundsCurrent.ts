import type { Case } from "./case";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "A BMS that would trip is a breach, and its rating is the target.",
  bike: {
    tyre: "50-622",
    rolloutMm: "2190",
    motorKind: "geared-hub",
    motorRatedW: "250",
    throttleFitted: "no",
    packV: "36",
    controllerA: "25",
    bmsA: "15",
  },
  leavesAs: "eu-epac",
  lines: [counted("i", "currentLimitA", { min: 1, max: 30 })],
  found: { i: "22" },
  plan: { i: "15" },
  says: { "hazard.current-over": "breach" },
  gone: ["hazard.current-over"],
};
