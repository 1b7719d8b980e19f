// The words of screens/displays/ChosenDisplay.
export const openInTheWorkbench = "Open in the workbench";
export const cloneAndVary = "Clone and vary";
export const saveAsAFile = "Save as a file";
export const takeItOut = "Take it out";
