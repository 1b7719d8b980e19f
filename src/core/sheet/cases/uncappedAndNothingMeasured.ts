import { HUB } from "./bike";
import type { Case } from "./case";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "A cap at no cap is not left so because nobody has measured the wheel: it is held at the limit as shown.",
  bike: { ...HUB, tyre: "", rolloutMm: "" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), cap("v", { none: true })],
  found: { w: "2075", v: "no cap" },
  plan: { w: "2075", v: "25" },
  because: { v: "reason.cap-safe" },
  says: { "cap.uncapped": "breach" },
  left: { "cap.needs-read-out": "unknown" },
  gone: ["cap.uncapped"],
};
