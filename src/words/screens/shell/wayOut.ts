// The words of screens/shell/WayOut.
export const tryAgain = "Try again";
export const saveTheDisplayAs = "Save the display as a file";
