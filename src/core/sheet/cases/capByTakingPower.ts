import type { Case } from "./case";
import { HUB } from "./bike";
import { counted, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A cap that is a share of power weakens the bike on every hill, and says so.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), counted("q", "capPowerShare", { max: 10, perRaw: 0.1 })],
  found: { w: "2190", q: "6" },
  plan: { w: "2190", q: "6" },
  says: { "hazard.cap-lowers-power": "note", "cap.measure-it": "unknown" },
};
