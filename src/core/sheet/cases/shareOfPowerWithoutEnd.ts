import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson:
    "A cap as a share of power that is switched off goes to its low end until a run tells: nothing runs on for " +
    "want of a number.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), oneOf("q", "capPowerShare", { a: 0.5, b: 0.7, none: "uncapped" })],
  found: { w: "2190", q: "none" },
  plan: { q: "a" },
  because: { q: "reason.cap-safe" },
  says: { "cap.uncapped": "breach" },
  gone: ["cap.uncapped"],
  left: { "cap.measure-it": "unknown" },
};
