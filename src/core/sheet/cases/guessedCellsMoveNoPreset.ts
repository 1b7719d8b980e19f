import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "Cells nobody has named are a guess, and a guess moves no preset of the pack.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [oneOf("y", "packChemistry", { li: "nmc", iron: "lfp", user: "own" })],
  found: { y: "iron" },
  plan: { y: "iron" },
  because: { y: "reason.no-fact" },
  saysNot: ["hazard.pack-preset-misfit"],
};
