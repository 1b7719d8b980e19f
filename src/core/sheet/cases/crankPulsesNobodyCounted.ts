import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson:
    "Nobody has counted the crank sensor's pulses: the usual dozen is no fact, and nothing is said against the " +
    "display's own count.",
  bike: HUB,
  leavesAs: null,
  lines: [counted("c", "crankPulses", { min: 1, max: 32 })],
  found: { c: "8" },
  plan: { c: "8" },
  saysNot: ["hazard.crank-pulses-misfit"],
};
