import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A wheel set a little small lets a cap of 25 pass the limit.",
  bike: { ...HUB, tapeErrorMm: "0" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), cap("v")],
  found: { w: "2180", v: "25" },
  plan: { w: "2190" },
  says: { "cap.over": "breach" },
  gone: ["cap.over"],
};
