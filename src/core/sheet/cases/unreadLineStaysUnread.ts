import type { Case } from "./case";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A wheel line nobody has read is not called wrong, and gets its value all the same.",
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
  lines: [wheelMm("w"), cap("v")],
  found: { v: "25" },
  plan: { w: "2190" },
  says: { "cap.needs-read-out": "unknown" },
  saysNot: ["cap.over", "hazard.speedometer-mistake"],
};
