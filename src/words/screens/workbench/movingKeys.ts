// The words of screens/workbench/MovingKeys.
export const movingAndChanging = "Moving and changing";
export const goesToTheNext = "Goes to the next line";
export const goesToTheLine = "Goes to the line before";
export const noKey = "no key";
export const stepsAValueUp = "Steps a value up";
export const stepsAValueDown = "Steps a value down";
export const makesAValueBlink = "Makes a value blink, and confirms it";
export const changesAtOnce = "changes at once";
