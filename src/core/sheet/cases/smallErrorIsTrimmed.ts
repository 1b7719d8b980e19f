import type { Case } from "./case";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Six per cent is a tyre, not a mistake: the wheel line takes it up.",
  bike: {
    tyre: "50-622",
    rolloutMm: "2190",
    motorKind: "geared-hub",
    motorRatedW: "250",
    throttleFitted: "no",
    packV: "36",
    controllerA: "15",
  },
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "2060" },
  plan: { w: "2190" },
  saysNot: ["hazard.speedometer-mistake"],
};
