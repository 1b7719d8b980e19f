import type { Case } from "./case";
import { HUB } from "./bike";
import { oneOf } from "./lines";

export const CASE: Case = {
  lesson: "Unlocked, the motor preset goes to the kind of motor that is fitted.",
  bike: HUB,
  leavesAs: "eu-epac",
  lines: [oneOf("m", "motorPresetKind", { a: "direct-drive-hub", b: "geared-hub", c: "own" }, { makerOnly: true })],
  found: { m: "a" },
  unlocked: ["m"],
  plan: { m: "b" },
  because: { m: "reason.motor-kind" },
  says: { "hazard.motor-preset-misfit": "caution" },
  gone: ["hazard.motor-preset-misfit"],
};
