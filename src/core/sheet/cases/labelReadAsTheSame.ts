import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "25 km/h on the label and 15.5 mph in the text are one and the same.",
  bike: { ...HUB, labelKmh: "25" },
  leavesAs: "uk-eapc",
  lines: [wheelMm("w"), cap("v")],
  found: { w: "2190", v: "24" },
  plan: { w: "2190", v: "24" },
  saysNot: ["hazard.label-not-class", "hazard.label-not-cap"],
};
