import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A line the menu does not have under the target is left as it is.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    oneOf("c", "cruiseOn", { off: false, on: true }),
    cap("v", {}, { shownWhen: [{ line: "c", raws: [1] }] }),
  ],
  found: { w: "2190", c: "on", v: "32" },
  plan: { c: "off", v: "32" },
  because: { v: "reason.not-shown" },
};
