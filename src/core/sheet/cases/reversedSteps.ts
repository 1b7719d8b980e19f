import type { Case } from "./case";
import { HUB } from "./bike";
import { unscaled } from "./lines";

export const CASE: Case = {
  lesson: "Steps that are slower the larger they are: the slowest is at the other end.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [unscaled("v", "assistCapKmh", 7, { larger: "less", noneRaw: 0 })],
  found: { v: "0" },
  plan: { v: "7" },
  because: { v: "reason.cap-safe" },
};
