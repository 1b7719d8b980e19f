import type { Case } from "./case";
import { HUB } from "./bike";
import { cap, wheelMm } from "./lines";

export const CASE: Case = {
  lesson: "Without tyre or rollout no wheel is guessed.",
  bike: { ...HUB, tyre: "", rolloutMm: "" },
  leavesAs: "eu-epac",
  lines: [wheelMm("w"), cap("v")],
  found: { w: "2075", v: "25" },
  plan: { w: "2075", v: "25" },
  because: { w: "reason.no-fact", v: "reason.no-read-out" },
};
