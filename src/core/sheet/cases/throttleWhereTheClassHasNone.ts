import type { Case } from "./case";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "Class 1 has no throttle: a live one is switched off by its line.",
  bike: {
    tyre: "50-622",
    rolloutMm: "2190",
    motorKind: "geared-hub",
    motorRatedW: "500",
    throttleFitted: "yes",
    packV: "36",
    controllerA: "15",
  },
  leavesAs: "us-class-1",
  lines: [oneOf("m", "throttleMode", { off: "off", full: "full" })],
  found: { m: "full" },
  plan: { m: "off" },
  says: { "throttle.not-in-class": "breach" },
  gone: ["throttle.not-in-class"],
};
