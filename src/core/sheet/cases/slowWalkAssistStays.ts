import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Walk assist slower than the class allows is somebody’s choice.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("a", "walkAssistKmh", { min: 3, max: 8 })],
  found: { w: "2190", a: "4" },
  plan: { a: "4" },
};
