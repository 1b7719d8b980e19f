import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A cap held in whatever unit is shown, with the unit unread, is taken at its worst.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), oneOf("u", "speedUnit", { kmh: "kmh", mph: "mph" }), cap("v", { heldIn: "shown" })],
  found: { w: "2190", v: "25" },
  plan: {},
  says: { "cap.over": "breach" },
};
