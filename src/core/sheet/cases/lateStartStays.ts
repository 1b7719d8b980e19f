import type { Case } from "./case";
import { counted } from "./lines";

export const CASE: Case = {
  lesson: "Assist after five pulses is calm; it is not made three.",
  bike: {
    tyre: "50-622",
    rolloutMm: "2190",
    motorKind: "geared-hub",
    motorRatedW: "250",
    throttleFitted: "no",
    packV: "36",
    controllerA: "15",
    crankPulses: "12",
  },
  leavesAs: "eu-epac",
  lines: [counted("p", "startPulses", { min: 1, max: 15 })],
  found: { p: "6" },
  plan: { p: "6" },
  because: { p: "reason.calm-already" },
};
