import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "The slowest walk assist the line can hold is past the class: it is switched off.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    oneOf("a", "walkAssistOn", { off: false, on: true }),
    counted("k", "walkAssistKmh", { min: 8, max: 12 }),
  ],
  found: { w: "2190", a: "on", k: "8" },
  plan: { a: "off" },
  says: { "walk.over": "breach" },
  gone: ["walk.over"],
};
