/** What is needed to know how far a display reads off, and how to find it out. */
import type { ReadOutNeed } from "@/core/wheel";

/** What has to be known before a shown speed says anything of a true one, and where it is said. */
export const READ_OUT_NEEDS: Readonly<Record<ReadOutNeed, string>> = {
  rollout: "measure the rollout, or give the tyre",
  "pick-up-pulses": "count the pulses of the pick-up in the motor (Numbers, wheel, works them back from one ride)",
  "pick-up": "say where the speed is picked up (this display counts the motor)",
  "other-sensor": "switch the sensor line, or correct the pick-up: the display counts one and the bike has the other",
  "wheel-line": "read the wheel line",
  "pulse-line": "read the pulse line",
  "calibration-line": "read the calibration line",
  "wheel-zero": "the wheel line holds 0, which is no wheel: set it",
  "pulses-zero": "the pulse line holds 0, which counts nothing: set it",
  "calibration-zero": "the calibration line holds 0 %, which shows nothing: set it",
};
