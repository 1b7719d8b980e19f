import type { Case } from "./case";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A throttle that nothing ends is a breach where the class lets it drive to a limit.",
  bike: {
    tyre: "50-622",
    rolloutMm: "2190",
    motorKind: "geared-hub",
    motorRatedW: "500",
    throttleFitted: "yes",
    packV: "36",
    controllerA: "15",
  },
  leavesAs: "us-class-2",
  lines: [
    wheelMm("w"),
    cap("v", { heldIn: "mph", rawMax: 30 }),
    cap("t", { setting: "throttleCapKmh", heldIn: "mph", rawMax: 30, none: true }),
    oneOf("m", "throttleMode", { off: "off", full: "full" }),
  ],
  found: { w: "2190", v: "19", t: "no cap", m: "full" },
  plan: { t: "19" },
  says: { "throttle.uncapped": "breach" },
  gone: ["throttle.uncapped"],
};
