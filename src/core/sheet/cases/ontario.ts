import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Ontario: help to 32, throttle allowed to it, 500 W.",
  bike: { ...HUB, motorRatedW: "500", throttleFitted: "yes" },
  leavesAs: "ca-ontario",
  lines: [
    wheelMm("w"),
    cap("v", { endsThrottle: true, rawMax: 50 }),
    oneOf("m", "throttleMode", { off: "off", full: "full" }),
  ],
  found: { w: "2190", v: "40", m: "full" },
  plan: { v: "31", m: "full" },
  says: { "cap.over": "breach" },
  gone: ["cap.over"],
};
