import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Where the unit line has not been read, a number that is right in one of the two is no misfit.",
  bike: { ...HUB, oneTrueKmh: "20", oneShown: "12.4" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), oneOf("u", "speedUnit", { metric: "kmh", imperial: "mph" })],
  found: { w: "2190" },
  plan: { w: "2190" },
  saysNot: ["hazard.reading-misfit", "hazard.speedometer-mistake"],
};
