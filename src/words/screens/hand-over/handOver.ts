// The words of screens/hand-over/HandOver.
import * as caution from "../../cautions";
import { dayAndTime } from "../../speak";

export const handOver = "Hand over";
export const backToTheRack = "Back to the rack";
export const handedOver = (handedOverAt: string) => `Handed over ${dayAndTime(handedOverAt)}.`;
export const notReadyToLeave = "Not ready to leave";
export const isNotFinished = "is not finished.";
export const theCardsBelowCan = "The papers can be printed as they stand; what is missing is said on them.";
export const provenReadyToLeave = "Proven. Ready to leave.";
export const wordToTheOwner = "Word to the owner";
export const printedOnTheOwners = "Printed on the owner’s card.";
export const aCopyOfThe = `${caution.copyGoesAlong} ${caution.classChanged}`;
export const handOverHandedOver = "Handed over.";
export const openAgain = "Open again";
export const handItOver = "Hand it over";
export const sealedSheet = "sealed sheet";
export const sheetsAreSealedWhen = "Sheets are sealed when programming starts.";
export const everySealHolds = "Every seal holds.";
export const thePapersTellThe = "The papers tell the bike as it left. What is typed since does not move them.";
export const thePapers = "The papers: look, print, send";
export const checkedBy = "Checked by";
export const initials = "Initials at most.";
