import type { Case } from "./case";
import { unscaled } from "./lines";

export const CASE: Case = {
  lesson: "Steps that are slower the larger they are: the slowest is at the other end.",
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
  lines: [unscaled("v", "assistCapKmh", 7, { larger: "less", noneRaw: 0 })],
  found: { v: "0" },
  plan: { v: "7" },
  because: { v: "reason.cap-safe" },
};
