import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A cap by the controller’s own measure is held at the limit at most, whatever the wheel line says.",
  bike: { ...HUB, motorRatedW: "500", packV: "48" },
  leavesAs: "us-class-1",
  lines: [wheelMm("w"), cap("v", { basis: "own", heldIn: "mph", rawMax: 30 })],
  found: { w: "2190", v: "28" },
  plan: { v: "19" },
  because: { v: "reason.cap-safe" },
};
