import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "A direct-drive preset on a geared hub is another motor's pulses and ramp: said, and offered for unlocking.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [oneOf("m", "motorPresetKind", { a: "direct-drive-hub", b: "geared-hub", c: "own" }, { makerOnly: true })],
  found: { m: "a" },
  plan: { m: "a" },
  because: { m: "reason.maker-only" },
  says: { "hazard.motor-preset-misfit": "caution" },
  left: { "hazard.motor-preset-misfit": "caution" },
};
