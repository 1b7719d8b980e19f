import type { Case } from "./case";
import { HUB } from "./bike";
import { preset, wheelMm } from "./lines";

export const CASE: Case = {
  lesson:
    "Of several presets the nearest under the limit is taken, wherever it stands in the list, and a throttle the " +
    "class has none of is left out.",
  bike: { ...HUB, throttleFitted: "yes" },
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    preset("k", "shown", [
      { assistCapKmh: 45, throttleMode: "full" },
      { assistCapKmh: 15, throttleMode: "off" },
      { assistCapKmh: 24, throttleMode: "off" },
      { assistCapKmh: 24, throttleMode: "full" },
      { assistCapKmh: 32, throttleMode: "off" },
    ]),
  ],
  found: { w: "2190", k: "0" },
  plan: { w: "2190", k: "2" },
  says: { "cap.over": "breach", "throttle.walking-pace-only": "breach" },
  gone: ["cap.over", "throttle.walking-pace-only"],
};
