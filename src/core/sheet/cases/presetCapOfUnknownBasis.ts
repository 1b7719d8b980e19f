import type { Case } from "./case";
import { HUB } from "./bike";
import { preset, wheelMm } from "./lines";

export const CASE: Case = {
  lesson:
    "Nobody knows what a preset's cap is compared with: the preset is chosen all the same, and where it ends is to " +
    "be measured.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    preset("k", "unknown", [{ assistCapKmh: 20 }, { assistCapKmh: 25 }, { assistCapKmh: "uncapped" }]),
  ],
  found: { w: "2190", k: "2" },
  plan: { w: "2190", k: "0" },
  says: { "cap.uncapped": "breach" },
  gone: ["cap.uncapped"],
  left: { "cap.measure-it": "unknown" },
};
