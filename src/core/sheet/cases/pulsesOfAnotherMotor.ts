import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson:
    "A speedometer 74 % high has its pulses from another motor: the locked pulse line is named, the right wheel is " +
    "left alone.",
  bike: { ...HUB, pickUp: "inside-motor", pulsesPerTurn: "80" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("n", "pulsesPerTurn", { min: 1, max: 120 }, { makerOnly: true })],
  found: { w: "2190", n: "46" },
  plan: { w: "2190", n: "46" },
  because: { w: "reason.wheel-not-the-cause", n: "reason.maker-only" },
  says: { "hazard.speedometer-mistake": "caution" },
  left: { "hazard.speedometer-mistake": "caution" },
};
