import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, counted, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A pick-up in the motor with the switch on the wheel is a misfit, not a read-out of one eightieth.",
  bike: { ...HUB, pickUp: "inside-motor", pulsesPerTurn: "80" },
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    counted("n", "motorPulses", { min: 1, max: 120 }),
    oneOf("q", "speedSensor", { wheel: "wheel", motor: "motor" }),
    cap("v"),
  ],
  found: { w: "2190", n: "80", q: "wheel", v: "25" },
  plan: { w: "2190" },
  because: { w: "reason.no-read-out" },
  says: { "cap.needs-read-out": "unknown" },
  saysNot: ["hazard.speedometer-mistake"],
};
