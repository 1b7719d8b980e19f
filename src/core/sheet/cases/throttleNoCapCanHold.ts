import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "The class allows the throttle to 20 mph and no cap line reaches that low: the throttle is switched off.",
  bike: { ...HUB, motorRatedW: "500", throttleFitted: "yes" },
  leavesAs: "us-class-2",
  lines: [
    wheelMm("w"),
    oneOf("m", "throttleMode", { off: "off", full: "full" }),
    cap("t", { setting: "throttleCapKmh", rawMin: 36, rawMax: 60 }),
  ],
  found: { w: "2190", m: "full", t: "45" },
  plan: { m: "off" },
  because: { m: "reason.throttle-runs-over" },
  says: { "throttle.over": "breach" },
  gone: ["throttle.over"],
};
