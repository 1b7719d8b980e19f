// The words of screens/numbers/CalibrationResult.
import { offBy } from "../../speak";

export const giveThreeSteadyRuns = (part: string) =>
  "Give three steady runs, a trip with a track, or a timed course, and it says how far the speedometer is off " +
  `and how sure that is.${part}`;
export const measuredAndWorkedOut =
  "Measured and worked out do not meet. The pulse count, the wheel code’s millimetres or the rollout is not what " +
  "it is taken for.";
export const byWheelAndPulses = (r: number) => ` By wheel and pulses it should read ${offBy(r)}.`;
