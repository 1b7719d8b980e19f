// The words of screens/workbench/SavingKeys.
export const savingAndLeaving = "Saving and leaving";
export const changesAreKept = "Changes are kept";
export const leftAloneTheMenu = "Left alone, the menu";
export const closesByItselfAfter = "Closes by itself after";
export const valuesAct = "Values act";
export const savesAndLeavesHeld = "Saves and leaves, held together";
export const heldFor = "Held for";
