import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Once somebody has chosen the claim, the line is the cap and is planned like any other.",
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
            chosen: true,
          },
        ],
      },
    ),
  ],
  found: { w: "2190", s: "32" },
  plan: { s: "24" },
  says: { "cap.over": "breach" },
  gone: ["cap.over"],
};
