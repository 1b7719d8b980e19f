import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A wheel line nobody has read is not called wrong, and gets its value all the same.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), cap("v")],
  found: { v: "25" },
  plan: { w: "2190" },
  says: { "cap.needs-read-out": "unknown" },
  saysNot: ["cap.over", "hazard.speedometer-mistake"],
};
