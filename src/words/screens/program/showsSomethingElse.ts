// The words of screens/program/ShowsSomethingElse.
export const oneStepShort = "one step short";
export const oneStepTooFar = "one step too far";
export const anotherKey = "another key";
export const theMenuClosedBy = "the menu closed by itself";
export const savedAlready = "saved already";
export const nothingPressedYet = "nothing pressed yet";
export const whatDoesItShow = "What does it show?";
export const pickItAndThe = "Pick it, and the card goes on from there.";
export const tooLate = "Too late for the chord";
