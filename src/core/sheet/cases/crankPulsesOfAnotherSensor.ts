import type { Case } from "./case";
import { HUB } from "./bike";
import { counted } from "./lines";

export const CASE: Case = {
  lesson:
    "The display counts 12 pulses a crank turn and the sensor on the bike gives 8, as counted: it is said once, " +
    "and the line is set to what was counted.",
  bike: { ...HUB, crankPulses: "8" },
  leavesAs: null,
  lines: [counted("c", "crankPulses", { min: 1, max: 32 })],
  found: { c: "12" },
  plan: { c: "8" },
  because: { c: "reason.crank-pulses" },
  says: { "hazard.crank-pulses-misfit": "caution" },
  gone: ["hazard.crank-pulses-misfit"],
};
