/** Causes by name, and what mends each. */
import * as caution from "../cautions";

interface CauseWords {
  readonly name: string;
  readonly mend: string;
}

export const CAUSE_WORDS: Readonly<Record<string, CauseWords>> = {
  "lever-resting": {
    name: "a brake lever rests pulled",
    mend: "Free the lever, or set its reach screw back until the switch lets go with the lever at rest.",
  },
  "brake-sensor-stuck": { name: "a brake switch sticks", mend: "Clean it or fit another; pull and let go ten times." },
  "brake-wiring": {
    name: "a brake lead is pinched or broken",
    mend: "Mend or replace the lead; tie it clear of the steering.",
  },
  "brake-unplugged": {
    name: "a brake lead is unplugged",
    mend: "Plug it in, tie it, and pull each lever: the motor stops at once.",
  },
  "brake-switch-late": {
    name: "a brake switch moves too late",
    mend: "Set the switch so that it moves before the pads touch.",
  },
  "pack-empty": { name: "the pack is empty", mend: "Charge it right through, and read its volts an hour later." },
  "pack-weak": {
    name: "the pack sags: worn or cold cells",
    mend: "Lower the current for now, or fit another pack. Worn cells do not come back.",
  },
  "pack-lead-loose": {
    name: "the pack’s plug or mount is loose",
    mend: "Clean and seat it until it clicks; replace a burnt contact.",
  },
  "pack-protecting": {
    name: "the pack’s own protection has switched it off",
    mend: `${caution.packFault} Do not open, bridge or charge it here: it goes to whoever is trained for packs.`,
  },
  "phase-loose": { name: "a phase plug is loose", mend: "Seat all three, no copper bare; a browned one is replaced." },
  "hall-lead-loose": {
    name: "the hall plug is loose or bent",
    mend: "Straighten the pins, press it home, arrow to arrow.",
  },
  "motor-bad": { name: "the motor itself: a hall or a winding", mend: "Fit another wheel, or replace the hall board." },
  "motor-hot": {
    name: "the motor runs too hot",
    mend: "Let it cool; lower the current, and climb in a higher cadence.",
  },
  "throttle-lead-loose": { name: "the throttle’s plug is loose", mend: "Press it home and tie it." },
  "throttle-bad": { name: "the throttle itself", mend: "Fit another; it must snap back by itself." },
  "controller-bad": {
    name: "the controller",
    mend: "Fit another of the same volts and sensors, then read and set every line anew.",
  },
  "controller-hot": {
    name: "the controller runs too hot",
    mend: "Give it air and metal to sit on; lower the current.",
  },
  "display-lead-loose": {
    name: "the display’s lead is not seated",
    mend: "Arrow to arrow, press until the gap is gone.",
  },
  "display-bad": { name: "the display itself", mend: "Fit another; the record carries the settings over." },
  "magnet-moved": { name: "the speed magnet has moved or gone", mend: "Set it to pass the pick-up at 3 to 5 mm." },
  "speed-lead-loose": { name: "the speed pick-up’s lead", mend: "Seat or mend it." },
  "crank-lead-loose": { name: "the crank sensor’s plug is loose", mend: "Seat it; tie the lead clear of the cranks." },
  "crank-ring-turned": {
    name: "the crank ring is the wrong way round",
    mend: "Turn the ring, or set the line for its direction.",
  },
  "key-stuck": { name: "a key sticks", mend: "Free the rubber; every key must click and come back." },
  "kit-limit": {
    name: "the kit can do no more at these volts",
    mend: "Nothing to set. Say so, and what more volts or another motor would ask of brakes, class and warranty.",
  },
  "level-zero": { name: "the level stands at 0", mend: "Press the level up, and show the owner." },
  "not-saved": { name: "the change was not saved", mend: "Set it again and save with the keys of this display." },
  "not-power-cycled": { name: "it was not switched off and on", mend: "Switch off, wait five seconds, switch on." },
  "pin-set": {
    name: "a start PIN is set",
    mend: "The owner knows it or the maker does. Do not guess: some displays lock for good.",
  },
  "other-way-in": {
    name: "this display opens its menu another way",
    mend: "Describe it in the workbench: walk its menu.",
  },
  "wheel-line": { name: "the wheel line", mend: "Set it to the measured rollout." },
  "pulses-line": { name: "the pulse or pick-up line", mend: "Count the magnets, or the motor’s pulses, and set it." },
  "unit-line": { name: "the speed unit", mend: "Set km/h or mph as the rider reads it; check the cap’s unit after." },
  "motor-preset-line": { name: "the motor preset", mend: "Set the preset of this motor: maker’s line, with a reason." },
  "calibration-line": { name: "the speed calibration", mend: "Set it back to 100 and calibrate by a run." },
  "volts-line": {
    name: "the battery volts line",
    mend: "Set it to the pack’s nominal volts, and the cut-off after it.",
  },
  "cut-off-line": { name: "the cut-off line", mend: "Set it for this pack’s cells: never below their floor." },
  "read-out-line": { name: "the gauge’s read-out line", mend: "Set it to volts and hold it against a meter." },
  "cap-line": { name: "the speed cap", mend: "Set it as the class allows, as the display really applies it." },
  "walk-line": { name: "the walk assist line", mend: "Set its speed as the class allows, or switch it off." },
  "throttle-rule-line": { name: "the throttle’s start rule", mend: "Set it as rider and class ask." },
  "throttle-mode-line": { name: "the throttle’s mode", mend: "Set it as rider and class ask." },
  "drive-mode-line": { name: "the drive mode", mend: "Set pedals, throttle or both as the class allows." },
  "crank-pulses-line": { name: "the crank magnet count", mend: "Count the ring’s magnets and set the line." },
  "start-line": { name: "the start lines", mend: "Set how far or long one pedals before it helps." },
  "start-strength-line": { name: "start strength or ramp", mend: "One step gentler, then try it in the yard." },
  "level-share-line": { name: "the share of a level", mend: "Set the ladder of levels." },
  "current-line": { name: "the current limit", mend: "Set it for controller, leads and pack." },
  "cruise-line": { name: "cruise", mend: "Switch it off." },
  "protocol-line": {
    name: "the line for what it is connected to",
    mend: "Set it for this controller: maker’s line, with a reason.",
  },
};

export const causeName = (cause: string): string => CAUSE_WORDS[cause]?.name ?? cause;
export const causeMend = (cause: string): string => CAUSE_WORDS[cause]?.mend ?? "";
