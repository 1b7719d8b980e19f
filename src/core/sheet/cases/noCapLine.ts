import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A display without a cap line says so; nothing is pretended.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "2190" },
  plan: { w: "2190" },
  says: { "cap.no-line": "unknown" },
  left: { "cap.no-line": "unknown" },
};
