// The words of screens/numbers/SteadyStretches.
import type { SpeedUnit } from "@/core/units";
import { duration, speed } from "../../speak";

export const stretchesOfSteadySpeed = "Stretches of steady speed";
export const from = "From";
export const lasting = "Lasting";
export const trueSpeed = "True speed";
export const asARun = "As a run";
export const wayTimeOverIn = (seconds: number, unit: SpeedUnit, kmh: number) =>
  `way ÷ time over ${duration(seconds * 1000)} in which the speed stayed within ${speed(0.8, unit)} = ` +
  `${speed(kmh, unit)}`;
export const takeIt = "Take it";
