/** One word for one thing: the checks that prove a bike. docs/glossary.md explains them. */
import type { CheckId, Place } from "@/core/proof";
import type { SpeedUnit } from "@/core/units";
import * as caution from "./cautions";

interface CheckWords {
  readonly title: string;
  readonly how: (unit: SpeedUnit) => string;
  /** What to look at next where it failed. */
  readonly next: string;
}

/** Where checks are done, as headings. */
export const PLACE_WORDS: Readonly<Record<Place, string>> = {
  stand: "On the stand",
  yard: "In the yard",
  road: "On the road",
};

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
    next:
      "Read the throttle and drive lines back. If they hold what was planned, " +
      "the line does nothing here: unplug it.",
  },
  "throttle-release": {
    title: "Throttle release",
    how: () => "Let go. The motor must stop at once, not push on.",
    next: "Do not let it leave. Look whether the grip springs back, then whether cruise is on.",
  },
  "release-lag": {
    title: "Throttle release, timed",
    how: () => "Full throttle, let go, and tap as the thumb lets go and as the motor stops. Or type the time.",
    next:
      "A motor that pushes on is a grip that springs back late, cruise, or a controller that ramps down slowly. Look " +
      "in that order.",
  },
  "read-outs": {
    title: "What the display reads out",
    how: () =>
      "Page through all it shows. Volts within 1 V of a meter, amps none at rest, distance and clock running on, " +
      "no fault in its history that is new.",
    next:
      "Volts that are off belong to the pack’s line or the display’s lead; amps at rest to the controller. " +
      "Look there first.",
  },
  cruise: {
    title: "Cruise and its ways out",
    how: () => "Engage it at a walking pace. Brake, pedals and throttle must each end it at once.",
    next: "Switch cruise off on the plan, and program again.",
  },
  "start-delay": {
    title: "Start of help, timed",
    how: () => "Turn the cranks once a second, wheel up. Time from the first movement to the motor’s first push.",
    next: "Too soon or too late: look at the crank sensor’s magnets, then read the start lines back.",
  },
  "crawl-speed": {
    title: "Slowest steady speed",
    how: () => "Lowest level, slowest you can hold without surging.",
    next: "Kept for the record: hold it against the next visit.",
  },
  "coast-down": {
    title: "Coast-down, no motor brake",
    how: (unit) => `From ${unit === "mph" ? "12 mph" : "20 km/h"}, levers free, let it roll. Time to standstill.`,
    next: "Kept for the record: hold it against the other, and against the next visit.",
  },
  "braked-down": {
    title: "Coast-down with the motor brake",
    how: (unit) =>
      `The same from ${unit === "mph" ? "12 mph" : "20 km/h"} with the motor brake on. Time to standstill.`,
    next: "Kept for the record: hold it against the other, and against the next visit.",
  },
  "level-speeds": {
    title: "Steady speed of every level",
    how: () => "On the flat, one level after another from 1 up, pedalling alike. Write the speeds in a row.",
    next: "Two levels that ride alike are one. Fewer levels, or shares further apart: Numbers, Ladder, shows which.",
  },
  "pack-sag": {
    title: "Pack under a full pull",
    how: () =>
      "A meter at the pack, or the display’s volts. Full throttle or full help uphill for ten seconds. The lowest " +
      "reading.",
    next: "The display would stop here. Charge and try again; then look at the pack’s plug, and at its age.",
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
      `Hold a steady true ${unit === "mph" ? "12 mph" : "20 km/h"} for ten seconds, both ways. Write down what the ` +
      "display shows.",
    next:
      "Wheel, pulses or rollout are not what they are taken for. Measure the rollout again, then look under Numbers, " +
      "Speedometer.",
  },
  "top-speed-run": {
    title: "Top assisted speed",
    how: () =>
      `On the flat, pedal up through the cap. Write down the true speed where help ends. ${caution.whileReading}`,
    next:
      "Do not let it leave as this class. Read the cap line back; if it holds what was planned, the wheel line lies: " +
      "calibrate, then program again.",
  },
};
