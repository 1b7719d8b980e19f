import type { Case } from "./case";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "A live throttle at power-on is a caution, also where no line says which level it starts in.",
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
  lines: [oneOf("m", "throttleMode", { off: "off", full: "full" })],
  found: { m: "full" },
  plan: { m: "full" },
  says: { "hazard.throttle-live": "caution" },
};
