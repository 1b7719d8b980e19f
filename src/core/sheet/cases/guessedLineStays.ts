import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson:
    "A line taken for the cap on a hunch is not touched, and its number is no speed, until somebody says it is the " +
    "cap.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    cap(
      "s",
      {},
      {
        claims: [
          {
            from: "video",
            on: null,
            confidence: 0.5,
            says: "fourth line, speed?",
            setting: "assistCapKmh",
            chosen: false,
          },
        ],
      },
    ),
  ],
  found: { w: "2190", s: "32" },
  plan: { s: "32", w: "2190" },
  because: { s: "reason.unsure" },
  says: { "cap.measure-it": "unknown" },
  saysNot: ["cap.over"],
};
