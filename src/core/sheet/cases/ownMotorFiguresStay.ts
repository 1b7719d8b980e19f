import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "A motor on figures of its own is nobody's preset: it stays, and fits every motor.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [oneOf("m", "motorPresetKind", { a: "direct-drive-hub", b: "geared-hub", c: "own" })],
  found: { m: "c" },
  plan: { m: "c" },
  because: { m: "reason.own-preset" },
  saysNot: ["hazard.motor-preset-misfit"],
};
