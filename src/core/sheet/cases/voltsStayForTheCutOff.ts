import type { Case } from "./case";
import { HUB } from "./bike";
import { aroundDefault, oneOf } from "./lines";

export const CASE: Case = {
  lesson:
    "Where the cut-off line spares the pack only with the volts as found, the volts stay: a gauge that " +
    "lies is mended elsewhere than by running the pack flat.",
  bike: { ...HUB, packV: "48", chemistry: "lfp" },
  leavesAs: null,
  lines: [aroundDefault("c", { 48: 41, 52: 44.5 }), oneOf("v", "nominalV", { "48": 48, "52": 52 })],
  found: { c: "+3", v: "52" },
  plan: { v: "52" },
  because: { v: "reason.cut-off-first" },
  saysNot: ["hazard.cut-off-too-low"],
};
