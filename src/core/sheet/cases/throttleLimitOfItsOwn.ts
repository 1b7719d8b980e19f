import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Class 3 as some states read it: pedalling to 28, throttle to 20.",
  bike: { ...HUB, motorRatedW: "500", throttleFitted: "yes" },
  leavesAs: "us-class-3-throttle",
  lines: [
    wheelMm("w"),
    cap("v", { heldIn: "mph", rawMax: 40 }),
    cap("t", { setting: "throttleCapKmh", heldIn: "mph", rawMax: 40 }),
    oneOf("m", "throttleMode", { off: "off", full: "full" }),
  ],
  found: { w: "2190", v: "28", t: "28", m: "full" },
  plan: { v: "27", t: "19", m: "full" },
  says: { "throttle.over": "breach" },
  gone: ["throttle.over"],
};
