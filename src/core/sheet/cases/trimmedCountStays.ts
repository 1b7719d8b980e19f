import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelCodes } from "./lines";

export const CASE: Case = {
  lesson: "A count one off on purpose, since the wheel line has no nearer size, reads true and stays.",
  bike: { ...HUB, pickUp: "inside-motor", pulsesPerTurn: "46", rolloutMm: "2370" },
  leavesAs: "eu-epac",
  lines: [wheelCodes("w", [26, 28, 29]), counted("n", "pulsesPerTurn", { min: 1, max: 120 })],
  found: { w: "29", n: "45" },
  plan: { w: "29", n: "45" },
  because: { n: "reason.pulses-with-wheel" },
};
