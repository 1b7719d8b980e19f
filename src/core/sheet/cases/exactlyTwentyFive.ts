import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A cut-off at exactly 25.0 is accepted.",
  bike: { ...HUB, tapeErrorMm: "0" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), cap("v")],
  found: { w: "2190", v: "25" },
  plan: {},
  saysNot: ["cap.over"],
};
