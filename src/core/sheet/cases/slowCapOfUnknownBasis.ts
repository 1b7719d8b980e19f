import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A cap of unknown basis that is slow enough however it is read stays, and is to be measured.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), cap("v", { basis: "unknown" })],
  found: { w: "2190", v: "20" },
  plan: { v: "20" },
  because: { v: "reason.cap-safe" },
  left: { "cap.measure-it": "unknown" },
};
