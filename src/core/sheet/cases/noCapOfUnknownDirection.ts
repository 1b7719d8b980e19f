import type { Case } from "./case";
import { HUB } from "./bike";
import { unscaled } from "./lines";

export const CASE: Case = {
  lesson:
    "No cap on a line nobody can read is given up for any cap: assist must end somewhere, and the ride tells where.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [unscaled("v", "assistCapKmh", 6, { noneRaw: 0 })],
  found: { v: "0" },
  plan: { v: "4" },
  because: { v: "reason.cap-any" },
  says: { "cap.uncapped": "breach" },
  left: { "cap.measure-it": "unknown" },
  gone: ["cap.uncapped"],
};
