import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson:
    "What a display takes is read from its own volts line where nothing else is said: a 72 V pack on one that " +
    "knows 36 and 48 is told, a 48 V one is not.",
  bike: { ...HUB, packV: "72" },
  leavesAs: null,
  lines: [oneOf("v", "nominalV", { "36": 36, "48": 48 })],
  found: { v: "48" },
  plan: { v: "48" },
  says: { "hazard.pack-not-taken": "breach" },
};
