import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A throttle is fitted and no line says what it does: it is not known, and the way out is to unplug it.",
  bike: { ...HUB, throttleFitted: "yes" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "2190" },
  plan: { w: "2190" },
  says: { "throttle.no-line": "unknown" },
  saysNot: ["throttle.not-read"],
};
