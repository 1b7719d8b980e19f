import type { Case } from "./case";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A cut-off at exactly 25.0 is accepted.",
  bike: {
    tyre: "50-622",
    rolloutMm: "2190",
    motorKind: "geared-hub",
    motorRatedW: "250",
    throttleFitted: "no",
    packV: "36",
    controllerA: "15",
    tapeErrorMm: "0",
  },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), cap("v")],
  found: { w: "2190", v: "25" },
  plan: {},
  saysNot: ["cap.over"],
};
