import type { Case } from "./case";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A line the menu does not have under the target is left as it is.",
  bike: {
    tyre: "50-622",
    rolloutMm: "2190",
    motorKind: "geared-hub",
    motorRatedW: "250",
    throttleFitted: "no",
    packV: "36",
    controllerA: "15",
  },
  leavesAs: "eu-epac",
  lines: [
    wheelMm("w"),
    oneOf("c", "cruiseOn", { off: false, on: true }),
    cap("v", {}, { shownWhen: { line: "c", raws: [1] } }),
  ],
  found: { w: "2190", c: "on", v: "32" },
  plan: { c: "off", v: "32" },
  because: { v: "reason.not-shown" },
};
