import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Nobody knows what this cap compares with, and it stands at no cap: it is set safe either way.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), cap("v", { basis: "unknown", none: true })],
  found: { w: "2190", v: "no cap" },
  plan: { v: "24" },
  because: { v: "reason.cap-safe" },
  says: { "cap.uncapped": "breach" },
  left: { "cap.measure-it": "unknown" },
  gone: ["cap.uncapped"],
};
