import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson:
    "Only while pedalling: a line that asks for pedals first is set, and on the road it is tried whether it ends " +
    "with them.",
  bike: { ...HUB, motorRatedW: "500", throttleFitted: "yes" },
  leavesAs: "us-class-3",
  lines: [
    oneOf("m", "throttleMode", { off: "off", full: "full" }),
    oneOf("a", "throttleAfterPedalling", { no: false, yes: true }),
  ],
  found: { m: "full", a: "no" },
  plan: { m: "full", a: "yes" },
  says: { "throttle.not-in-class": "breach" },
  gone: ["throttle.not-in-class"],
  left: { "throttle.try-pedals": "caution" },
};
