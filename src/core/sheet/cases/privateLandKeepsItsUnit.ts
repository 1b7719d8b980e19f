import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "The unit is the rider's and the country's: private land has none of its own, and it stays as it is.",
  bike: HUB,
  leavesAs: "private-land",
  lines: [oneOf("i", "speedUnit", { kmh: "kmh", mph: "mph" })],
  found: { i: "mph" },
  plan: { i: "mph" },
  because: { i: "reason.owners-choice" },
};
