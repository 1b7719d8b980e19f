// The words of screens/displays/DisplayList.
export const displays = "Displays";
export const describedHere = ", described here";
export const whichOfTheseIs = "Which of these is it?";
