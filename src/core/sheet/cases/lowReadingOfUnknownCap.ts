import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelCodes } from "./lines";

export const CASE: Case = {
  lesson: "Where the display cannot be put right, an unknown cap is held under the limit as read low.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelCodes("w", [26]), cap("v", { basis: "unknown" })],
  found: { w: "26", v: "30" },
  plan: { v: "23" },
  because: { v: "reason.cap-safe" },
};
