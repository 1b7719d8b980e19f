import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "A preset for other cells than the pack's is said, and set to the pack's.",
  bike: { ...HUB, chemistry: "lfp", series: "12" },
  leavesAs: "eu-epac",
  lines: [oneOf("y", "packChemistry", { li: "nmc", iron: "lfp", user: "own" })],
  found: { y: "li" },
  plan: { y: "iron" },
  says: { "hazard.pack-preset-misfit": "caution" },
  gone: ["hazard.pack-preset-misfit"],
};
