/** The bike most cases start from: a 28-inch tourer with a 250 W geared hub on 36 V. A case says what is otherwise. */
import type { IntakeText } from "../../facts";

export const HUB: IntakeText = {
  tyre: "50-622",
  rolloutMm: "2190",
  motorKind: "geared-hub",
  motorRatedW: "250",
  throttleFitted: "no",
  packV: "36",
  controllerA: "15",
};
