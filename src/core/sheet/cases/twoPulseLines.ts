import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Two pulse lines, and the speed fits the other one: it is the one that rules.",
  bike: { ...HUB, pickUp: "inside-motor", pulsesPerTurn: "46", oneTrueKmh: "20", oneShown: "11.5" },
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    counted("n", "pulsesPerTurn", { min: 1, max: 120 }),
    counted("m", "motorPulses", { min: 1, max: 120 }),
  ],
  found: { w: "2190", n: "46", m: "80" },
  plan: { w: "2190" },
  reading: "other-pulse-line",
};
