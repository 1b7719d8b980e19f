import type { Case } from "./case";
import { HUB } from "./bike";
import { preset, wheelMm } from "./lines";

export const CASE: Case = {
  lesson:
    "No preset keeps the class: the one least past it is taken rather than none at all, and what is missed stands " +
    "as a breach.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), preset("k", "own", [{ assistCapKmh: "uncapped" }, { assistCapKmh: 45 }, { assistCapKmh: 32 }])],
  found: { w: "2190", k: "0" },
  plan: { k: "2" },
  says: { "cap.uncapped": "breach" },
  gone: ["cap.uncapped"],
  left: { "cap.measure-it": "unknown" },
};
