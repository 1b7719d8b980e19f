import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A number too small by a mile's length is read in the other unit: the unit line is to be read again.",
  bike: { ...HUB, oneTrueKmh: "20", oneShown: "12.4" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), oneOf("u", "speedUnit", { metric: "kmh", imperial: "mph" })],
  found: { w: "2190", u: "metric" },
  plan: { w: "2190" },
  says: { "hazard.reading-misfit": "caution" },
  reading: "unit",
  saysNot: ["hazard.speedometer-mistake"],
  left: { "hazard.reading-misfit": "caution" },
};
