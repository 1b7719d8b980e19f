import type { Case } from "./case";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A cap of unknown basis that is slow enough however it is read stays, and is to be measured.",
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
  lines: [wheelMm("w"), cap("v", { basis: "unknown" })],
  found: { w: "2190", v: "20" },
  plan: { v: "20" },
  because: { v: "reason.cap-safe" },
  left: { "cap.measure-it": "unknown" },
};
