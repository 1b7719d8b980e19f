import type { Case } from "./case";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A wheel line in millimetres is proposed like any other: the rollout itself.",
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
  found: { w: "2075" },
  plan: { w: "2190" },
  because: { w: "reason.wheel" },
};
