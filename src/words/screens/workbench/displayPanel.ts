// The words of screens/workbench/DisplayPanel.
export const homeScreen = "Home screen";
export const menuAsAWhole = "The menu as a whole";
export const packsAndFaults = "Packs, faults, where it comes from";
