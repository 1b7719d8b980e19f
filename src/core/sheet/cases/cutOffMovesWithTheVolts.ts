import type { Case } from "./case";
import { HUB } from "./bike";
import { aroundDefault, oneOf } from "./lines";

export const CASE: Case = {
  lesson:
    "A cut-off a few steps under the default of a 52 V pack looks fine while the display is set to 52; " +
    "set to the 48 V it has, the same step is too low, and is raised.",
  bike: { ...HUB, packV: "48" },
  leavesAs: null,
  lines: [aroundDefault("c", { 48: 41, 52: 44.5 }), oneOf("v", "nominalV", { "48": 48, "52": 52 })],
  found: { c: "-5", v: "52" },
  plan: { c: "-1", v: "48" },
  because: { c: "reason.cut-off" },
  saysNot: ["hazard.cut-off-too-low"],
};
