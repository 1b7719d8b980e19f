/** The read-out error where it must be known: for tests. */
import { readoutError, type Interval, type WheelSetting, type WheelTruth } from "./readout";

export function knownReadout(truth: WheelTruth, setting: WheelSetting): Interval {
  const r = readoutError(truth, setting);
  if (!r) throw new Error("the read-out error is not known");
  return r;
}
