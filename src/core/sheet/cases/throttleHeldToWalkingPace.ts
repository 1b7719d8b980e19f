import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "Where a line can hold the throttle to walking pace, that is set, and the rider keeps the throttle.",
  bike: { ...HUB, throttleFitted: "yes" },
  leavesAs: "eu-epac",
  lines: [
    oneOf("m", "throttleMode", { off: "off", full: "full" }),
    oneOf("p", "throttleWalkingPace", { no: false, yes: true }),
  ],
  found: { m: "full", p: "no" },
  plan: { m: "full", p: "yes" },
  says: { "throttle.walking-pace-only": "breach" },
  gone: ["throttle.walking-pace-only"],
  left: { "throttle.measure-pace": "note" },
};
