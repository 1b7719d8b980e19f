import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A throttle that nothing ends is a breach where the class lets it drive to a limit.",
  bike: { ...HUB, motorRatedW: "500", throttleFitted: "yes" },
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
