/** Words of the assist ladder and of the start. */
import type { FigureWords } from "./words";

export const LADDER_WORDS = {
  levelKind: {
    label: "What a level limits",
    options: { current: "Current", duty: "Volts", speed: "Speed", torque: "Times the rider" },
  },
  shape: {
    label: "Shape of the ladder",
    options: {
      linear: "Equal steps",
      tens: "20, 30, 40 …",
      geometric: "Equal ratios",
      "equal-speed": "Equal speed steps",
      "equal-power": "Equal power steps",
      "by-hand": "By hand",
    },
  },
  feelOn: { label: "Felt on", options: { flat: "The flat", hill: "A 5 % hill" } },
  levels: { label: "Levels" },
  firstPercent: { label: "Level 1" },
  topPercent: { label: "Top level" },
  floorPercent: { label: "The line’s least" },
  ceilingPercent: { label: "The line’s most" },
  stepPercent: { label: "The line’s step" },
  byHand: { label: "Shares by hand, per cent", hint: "Level 1 first, parted by blanks." },
  measuredSpeeds: {
    label: "Speeds measured, true",
    hint: "Level 1 first, parted by blanks, on the flat; end with mph if they are. They override the model.",
  },
  measuredLadders: {
    label: "Ladders measured, one for each number of levels",
    hint: "15 20 25 | 14 17 20 23 25: level 1 first, a bar before the next ladder; mph behind each that is in miles.",
  },
  freeKmh: { label: "Level 0, measured", hint: "Same rider, same stretch, no assist." },
  topLevelKmh: { label: "Speed of the top level" },
  topTimesRider: { label: "Top level gives, times the rider" },
  startAngleDeg: { label: "Assist should start after" },
  cadenceRpm: { label: "Cadence while riding" },
} as const satisfies Readonly<Record<string, FigureWords>>;
