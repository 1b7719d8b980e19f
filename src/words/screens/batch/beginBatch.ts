// The words of screens/batch/BeginBatch.
export const title = "More bikes like this one";
export const sheetOf = (number: string, nickname: string) => `The sheet of ${number} ${nickname}`.trim();
export const goesOnto =
  "goes onto each of them. Every bike keeps its own record: it is planned from its own facts, gets its own keys, is " +
  "read back on its own and sealed on its own.";
export const sheetIs = (standing: string) => `The sheet is ${standing}.`;
export const standsAgainstIt = "Something stands against this sheet:";
export const forExample = "For example the fleet, the owner, the day.";
export const begin = "Begin the batch";
export const begun = (n: number) => (n === 1 ? "The batch has one bike." : `The batch has ${n} bikes.`);
export const theBatch = "the batch begun";
export const couldNot = "The bike whose sheet this is has gone from this book.";
export const noSuchBike = "That bike is not in this book.";
export const toTheBook = "To the book";
export const batchOf = (number: string) => `Batch of ${number}`;
