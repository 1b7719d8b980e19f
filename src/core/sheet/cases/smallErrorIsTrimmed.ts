import type { Case } from "./case";
import { HUB } from "./bike";
import { wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Six per cent is a tyre, not a mistake: the wheel line takes it up.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w")],
  found: { w: "2060" },
  plan: { w: "2190" },
  saysNot: ["hazard.speedometer-mistake"],
};
