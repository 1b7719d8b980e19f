import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Unlocked with a reason, the pulse line is mended and the wheel stays right.",
  bike: { ...HUB, pickUp: "inside-motor", pulsesPerTurn: "80" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("n", "pulsesPerTurn", { min: 1, max: 120 }, { makerOnly: true })],
  found: { w: "2190", n: "46" },
  unlocked: ["n"],
  plan: { w: "2190", n: "80" },
  gone: ["hazard.speedometer-mistake"],
};
