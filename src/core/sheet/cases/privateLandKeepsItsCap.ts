import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Private land sets no limit: a cap stays as its owner has it.",
  bike: HUB,
  leavesAs: "private-land",
  lines: [wheelMm("w"), cap("v", { rawMax: 60 })],
  found: { w: "2190", v: "45" },
  plan: { v: "45" },
  because: { v: "reason.no-limit" },
};
