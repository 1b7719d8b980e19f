import type { Case } from "./case";
import { HUB } from "./bike";
import { unscaled, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Steps 0 to 9 with 9 for none, more is faster: the slowest until a run says what they are.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), unscaled("v", "assistCapKmh", 9, { larger: "more", noneRaw: 9 })],
  found: { w: "2190", v: "9" },
  plan: { v: "0" },
  because: { v: "reason.cap-safe" },
  left: { "cap.measure-it": "unknown" },
};
