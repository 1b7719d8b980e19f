// The words of screens/numbers/LinesThatPutItRight.
import { count, plain } from "../../speak";

export const linesThatPutIt = "Lines that put it right";
export const roundedToWhatThe = "Rounded to what the display can hold; every pair was tried.";
export const linesAfterCalibration = "Lines after calibration";
export const lines = "Lines";
export const toSet = "To set";
export const thenReads = "Then reads";
export const capToSet = "Cap to set";
export const itBites = "It bites";
export const asItStands = "As it stands";
export const wheelLine = "Wheel line";
export const pulseLine = "Pulse line";
export const both = "Both";
export const orLineTo = (code: string) => `Or line ${code} to`;
export const roundedUpItMultiplies = "rounded up; it multiplies what is shown";
export const theWheelThenRolls = "The wheel then rolls";
export const withPulseATurn = (uncertaintyMm: number, pulses: number) =>
  `±${plain(uncertaintyMm, 0)}, with ${count(pulses, "pulse")} a turn as counted`;
export const takeItAsThe = "Take it as the rollout";
export const lineTo = (code: string, to: string, makerOnly: boolean) =>
  `${code}: ${to}${makerOnly ? " (maker only)" : ""}`;
