import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson:
    "A cap that is too fast at its slowest, by a wrong count that is locked, goes to its slowest: it is not left off.",
  bike: { ...HUB, pickUp: "inside-motor", pulsesPerTurn: "20" },
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    counted("n", "pulsesPerTurn", { min: 1, max: 120 }, { makerOnly: true }),
    cap("v", { none: true }),
  ],
  found: { w: "2190", n: "80", v: "no cap" },
  plan: { n: "80", v: "10" },
  because: { v: "reason.cap-slowest" },
  says: { "cap.uncapped": "breach", "hazard.speedometer-mistake": "breach" },
  left: { "cap.over": "breach" },
  gone: ["cap.uncapped"],
};
