/** One word for one thing: the checks that prove a bike. docs/glossary.md explains them. */
import type { CheckId } from "@/core/proof";
import type { SpeedUnit } from "@/core/units";

interface CheckWords {
  readonly title: string;
  readonly how: (unit: SpeedUnit) => string;
  /** What to look at next where it failed. */
  readonly next: string;
}

export const CHECK_WORDS: Readonly<Record<CheckId, CheckWords>> = {
  "brake-cut-off": {
    title: "Brake cut-off",
    how: () => "Spin the wheel under power. Pull each lever. The motor must stop at once.",
    next: "Do not let it leave. Look at the lever’s plug and its switch, lever by lever, then spin it again.",
  },
  "spin-speed": {
    title: "Speed shown, wheel off the floor",
    how: () => "The speed must climb smoothly and not jump.",
    next: "A speed that jumps is a magnet missing or too far from its sensor, not a wrong number. Look there first.",
  },
  levels: {
    title: "Every level",
    how: () => "Step through all levels. Each must pull at least as hard as the one before.",
    next: "Read the level lines back. A level weaker than the one below it is a share set out of order.",
  },
  throttle: {
    title: "Throttle does what the sheet says",
    how: () => "Off stays dead. Follows level is weaker at level 1. A rolling start does nothing at standstill.",
    next: "Read the throttle and drive lines back. If they hold what was planned, the line does nothing here: unplug it.",
  },
  "throttle-release": {
    title: "Throttle release",
    how: () => "Let go. The motor must stop at once, not push on.",
    next: "Do not let it leave. Look whether the grip springs back, then whether cruise is on.",
  },
  "walk-assist": {
    title: "Walk assist",
    how: () => "Hold it with the wheel up, then on the floor. Read the speed.",
    next: "Set the walk line lower, or switch it off on the plan, and program again.",
  },
  "crawl-and-turn": {
    title: "Crawl and turn",
    how: () => "Ride at walking pace and turn tightly. It must not surge.",
    next: "Make the start softer or later on the plan, and program again.",
  },
  "speedometer-run": {
    title: "Speedometer against GPS",
    how: (unit) =>
      `Hold a steady true ${unit === "mph" ? "12 mph" : "20 km/h"} for ten seconds, both ways. Write down what the display shows.`,
    next: "Wheel, pulses or rollout are not what they are taken for. Measure the rollout again, then look under Numbers, Speedometer.",
  },
  "top-speed-run": {
    title: "Top assisted speed",
    how: () => "On the flat, pedal up through the cap. Write down the true speed where help ends.",
    next: "Do not let it leave as this class. Read the cap line back; if it holds what was planned, the wheel line lies: calibrate, then program again.",
  },
};
