import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "A discharge curve of the shop's own is not put back to a preset.",
  bike: { ...HUB, chemistry: "lfp", series: "12" },
  leavesAs: "eu-epac",
  lines: [oneOf("y", "packChemistry", { li: "nmc", iron: "lfp", user: "own" })],
  found: { y: "user" },
  plan: { y: "user" },
  because: { y: "reason.own-preset" },
  saysNot: ["hazard.pack-preset-misfit"],
};
