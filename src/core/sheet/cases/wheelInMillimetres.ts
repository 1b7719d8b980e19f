import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A wheel line in millimetres is proposed like any other: the rollout itself.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "2075" },
  plan: { w: "2190" },
  because: { w: "reason.wheel" },
};
