import type { Case } from "./case";
import { counted, oneOf } from "./lines";

export const CASE: Case = {
  lesson: "Walk assist locked past its limit is switched off, also while nobody knows how far the display is off.",
  bike: { packV: "36" },
  leavesAs: "eu-epac",
  lines: [
    oneOf("a", "walkAssistOn", { off: false, on: true }),
    counted("k", "walkAssistKmh", { max: 12 }, { makerOnly: true }),
  ],
  found: { a: "on", k: "9" },
  plan: { a: "off", k: "9" },
  because: { a: "reason.walk-off" },
  says: { "walk.over": "breach" },
  gone: ["walk.over"],
};
