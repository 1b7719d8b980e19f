// The words of screens/as-found/UnknownLine.
export const thisLineIsAlready = "This line is already there.";
export const keepItToCharacters = (longestCode: number) => `Keep it to ${longestCode} characters.`;
export const aLineCannotBe = (code: string) => `A line cannot be called ${code}. Write it with a mark before it.`;
export const aLineIsMissing = "A line is missing here?";
export const itIsAddedTo =
  "It is added to this bike’s copy of the description as not known, left alone, and read back like the others.";
export const itsCode = "Its code";
export const whatItShows = "What it shows";
export const giveAWholeNumber = "Give a whole number up to 9999.";
export const addTheLine = "Add the line";
