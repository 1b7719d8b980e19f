import type { Case } from "./case";
import { HUB } from "./bike";
import { preset, wheelMm } from "./lines";

export const CASE: Case = {
  lesson:
    "A preset's cap is compared with the speed shown: on a display that reads low, the preset of 25 ends past it, " +
    "so the one below is taken.",
  bike: { ...HUB, rolloutMm: "2310" },
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w", { makerOnly: true }),
    preset("k", "shown", [{ assistCapKmh: 20 }, { assistCapKmh: 25 }, { assistCapKmh: 32 }]),
  ],
  found: { w: "2075", k: "1" },
  plan: { w: "2075", k: "0" },
  says: { "cap.over": "breach" },
  gone: ["cap.over"],
};
