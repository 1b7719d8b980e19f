// The words of screens/numbers/WhichPickUp.
import { fixed, offBy, plain } from "../../speak";

export const whichPickUpIt = "Which pick-up it is";
export const pulsesPerWheelTurn = "Pulses per wheel turn, worked back";
export const shownTruePulsesSet = (pulses: number) =>
  `shown ÷ true × pulses set × rollout ÷ circumference set = ${fixed(pulses, 2)}`;
export const theHalfWidthAdds = "The half-width adds GPS, the display’s step and the rollout.";
export const heldAgainstWhatIt = "Held against what it could be";
export const meaning = "Meaning";
export const pulses = "Pulses";
export const whichPickUpOffBy = "Off by";
export const verdict = "Verdict";
export const workedBack = (pulses: number, pulses2: number, off: number) =>
  `${plain(pulses)} ÷ ${plain(pulses2, 2)} worked back = ${offBy(1 + off)}`;
export const possibleWithin = (uncertainty: number) => `possible within ±${plain(uncertainty, 2)}`;
export const possible = "possible";
export const ruledOut = "ruled out";
