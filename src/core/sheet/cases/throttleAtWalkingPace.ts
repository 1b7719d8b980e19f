import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson:
    "A throttle that only walks until the rider pedals is what the class allows: it stays, and its pace is measured.",
  bike: { ...HUB, throttleFitted: "yes" },
  leavesAs: "eu-epac",
  lines: [
    oneOf("m", "throttleMode", { off: "off", full: "full" }),
    oneOf("p", "throttleWalkingPace", { no: false, yes: true }),
  ],
  found: { m: "full", p: "yes" },
  plan: { m: "full", p: "yes" },
  says: { "throttle.measure-pace": "note" },
  saysNot: ["throttle.walking-pace-only"],
};
