import type { Case } from "./case";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A display without a cap line says so; nothing is pretended.",
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
  found: { w: "2190" },
  plan: { w: "2190" },
  says: { "cap.no-line": "unknown" },
  left: { "cap.no-line": "unknown" },
};
