import type { Case } from "./case";
import { HUB } from "./bike";
import { preset } from "./lines";

export const CASE: Case = {
  lesson: "One line for a motor, its pulses and all: the preset of the motor that is fitted is taken.",
  bike: { ...HUB, motorKind: "direct-drive-hub", pickUp: "inside-motor", pulsesPerTurn: "46" },
  leavesAs: null,
  lines: [
    preset("m", "own", [
      { motorPresetKind: "geared-hub", pulsesPerTurn: 80 },
      { motorPresetKind: "direct-drive-hub", pulsesPerTurn: 46 },
      { motorPresetKind: "mid-drive", pulsesPerTurn: 24 },
    ]),
  ],
  found: { m: "0" },
  plan: { m: "1" },
  says: { "hazard.motor-preset-misfit": "caution" },
  gone: ["hazard.motor-preset-misfit"],
};
