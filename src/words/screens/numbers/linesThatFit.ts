// The words of screens/numbers/LinesThatFit.
export const asItStands = "As it stands";
export const bestWheelLine = "Best wheel line";
export const bestPulseLine = "Best pulse line";
export const bestOfBoth = "Best of both";
export const chooseTheDisplayOn = "Choose the display on the intake to see which of its lines fits.";
export const giveTheTyreOr = "Give the tyre or measure the rollout, and the lines that fit are worked out.";
export const thisDisplayHasNo = "This display has no wheel line.";
export const thePulsesAreNot =
  "The pulses are not known: their line has not been read, a preset fixes them, or nobody has counted the pick-up.";
export const writeDownWhatThe = "Write down what the wheel and pulse lines show first.";
export const linesThatFit = "Lines that fit";
export const lines = "Lines";
export const toSet = "To set";
export const reads = "Reads";
export const capBitesNow = "Cap bites now";
export const capToSet = "Cap to set";
export const itThenBites = "It then bites";
export const low = "low";
export const high = "high";
export const trueWord = "true";
export const lineTo = (code: string, to: string, makerOnly: boolean) =>
  `${code}: ${to}${makerOnly ? " (maker only)" : ""}`;
