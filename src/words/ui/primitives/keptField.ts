// The words of ui/primitives/KeptField.
export const thatIs = "That is ";
export const characters = " characters; ";
export const keepsUpTo = " keeps up to ";
export const nothingWasChanged = ". Nothing was changed.";
export const guessedUntilYouSay = (guess: string, unit: undefined | null | string) =>
  `Guessed ${guess}${unit ? ` ${unit}` : ""} until you say.`;
