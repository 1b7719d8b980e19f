import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A line that a later one takes out of the menu is left, though it stands before it.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    cap("v", {}, { shownWhen: [{ line: "c", raws: [1] }] }),
    oneOf("c", "cruiseOn", { off: false, on: true }),
  ],
  found: { w: "2190", v: "32", c: "on" },
  plan: { v: "32", c: "off" },
  because: { v: "reason.not-shown" },
};
