import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "Class 1 has no throttle: a live one is switched off by its line.",
  bike: { ...HUB, motorRatedW: "500", throttleFitted: "yes" },
  leavesAs: "us-class-1",
  lines: [oneOf("m", "throttleMode", { off: "off", full: "full" })],
  found: { m: "full" },
  plan: { m: "off" },
  says: { "throttle.not-in-class": "breach" },
  gone: ["throttle.not-in-class"],
};
