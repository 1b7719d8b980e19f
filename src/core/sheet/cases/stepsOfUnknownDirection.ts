import type { Case } from "./case";
import { unscaled } from "./lines";

export const CASE: Case = {
  lesson: "Which end is slower nobody knows: it stays, and is said to be unsettled.",
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
  lines: [unscaled("v", "assistCapKmh", 9)],
  found: { v: "4" },
  plan: { v: "4" },
  because: { v: "reason.unknown-scale" },
  left: { "cap.measure-it": "unknown" },
};
