import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "A live throttle at power-on is a caution, also where no line says which level it starts in.",
  bike: { ...HUB, motorRatedW: "500", throttleFitted: "yes" },
  leavesAs: "us-class-2",
  lines: [oneOf("m", "throttleMode", { off: "off", full: "full" })],
  found: { m: "full" },
  plan: { m: "full" },
  says: { "hazard.throttle-live": "caution" },
};
