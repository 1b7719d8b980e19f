import type { Case } from "./case";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Walk assist slower than the class allows is somebody’s choice.",
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
  lines: [wheelMm("w"), counted("a", "walkAssistKmh", { min: 3, max: 8 })],
  found: { w: "2190", a: "4" },
  plan: { a: "4" },
};
