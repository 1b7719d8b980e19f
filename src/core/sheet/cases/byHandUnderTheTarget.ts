import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A value set by hand on a line that only appears with the target values counts.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    oneOf("c", "cruiseOn", { off: false, on: true }),
    cap("v", {}, { shownWhen: [{ line: "c", raws: [0] }] }),
  ],
  found: { w: "2190", c: "on" },
  byHand: { v: "22" },
  plan: { c: "off", v: "22" },
  because: { v: "reason.by-hand" },
};
