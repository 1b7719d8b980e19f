// The words of screens/as-found/AsFound.
import { count } from "../../speak";

export const howToWriteIt = "How to write it down";
export const lineByLine = "Line by line";
export const column = "Column";
export const pastedList = "Pasted list";
export const ofWrittenDown = (foundCount: number, shownCount: number) => `${foundCount} of ${shownCount} written down`;
export const workOutThePlan = "Work out the plan";
export const lineStillUnread = (unread: number) => `${count(unread, "line")} still unread.`;
export const cannotWriteItAll = "Cannot write it all down?";
export const theAsFoundSheet =
  "The as-found sheet is the way home. Without it no keys are planned, unless you write why. The card then stops " +
  "at every line nobody has read.";
export const whyThereIsNo = "Why there is no full baseline";
export const forExampleDeadDisplay = "For example: dead display replaced, old values cannot be read.";
export const allLines = "All lines";
export const couldNotComeFrom = " could not come from a ";
export const lines = ": lines ";
export const isItAnotherDisplay = ". Is it another display or variant?";
export const whichOfTheseIs = "Which of these is it?";
export const aFewLooksTell = "A few looks tell.";
export const nothingRead = "—";
export const leftAt = (shown: string) => `left ${shown}`;
export const onTheFirst = (shown: string) => `first ${shown}`;
