// The words of screens/faults/SignList.
export const whatDoesItShow = "What does it show?";
export const inAFewWords = "In a few words";
export const codesOfThisDisplay = "Codes of this display";
export const ownCode = (code: string, says: string) => `${code} ${says}`;
export const codeNobodyKnows = (code: string, says: string) =>
  `${code}, “${says}”: choose below what the leaflet says it stands for.`;
export const complaints = "Complaints";
export const codes = "Codes, by what they stand for";
export const nothingLikeThat = "Nothing like that is known here. Clear the words to see all.";
export const theRiderSays = (complaint: string) => `The rider says “${complaint.trim()}”. It may be:`;
