// The words of screens/numbers/WheelFacts.
export const theWheel = "The wheel";
export const aMeasuredRolloutBeats = "A measured rollout beats the tape across, and that the sidewall.";
export const thePickUp = "The pick-up";
export const oneSteadyReadingTells = "One steady reading tells which of these it is.";
