import type { Case } from "./case";
import { cap, oneOf, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A cap held in whatever unit is shown, with the unit unread, is taken at its worst.",
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
  lines: [wheelMm("w"), oneOf("u", "speedUnit", { kmh: "kmh", mph: "mph" }), cap("v", { heldIn: "shown" })],
  found: { w: "2190", v: "25" },
  plan: {},
  says: { "cap.over": "breach" },
};
