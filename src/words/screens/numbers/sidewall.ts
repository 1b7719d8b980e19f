// The words of screens/numbers/Sidewall.
export const theWidthIsMissing = (beadSeatsMm: string, text: undefined | number) =>
  `The width is missing. The rim could be ${beadSeatsMm} mm. Look for a marking such as 50-${text ?? 622}.`;
export const noTyreSizeIn = "No tyre size in this. Type what stands on the sidewall, such as 40-622 or 28 x 1.60.";
export const itCanMeanAny = "It can mean any of these:";
export const thatIs = "That is";
export const inUse = (name: string) => `${name}, in use`;
export const sidewallTake = (name: string) => `Take ${name}`;
export const theMeasuredRolloutStays = "The measured rollout stays in use.";
