import type { Case } from "./case";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Without tyre or rollout no wheel is guessed.",
  bike: { motorKind: "geared-hub", motorRatedW: "250", throttleFitted: "no", packV: "36", controllerA: "15" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), cap("v")],
  found: { w: "2075", v: "25" },
  plan: { w: "2075", v: "25" },
  because: { w: "reason.no-fact", v: "reason.no-read-out" },
};
