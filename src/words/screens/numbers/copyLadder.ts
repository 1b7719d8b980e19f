// The words of screens/numbers/CopyLadder.
export const copyFrom = "Copy from another bike";
export const choose = "Choose a bike";
export const noShares = (name: string) => `${name}: no line of its display says the share of each level.`;
export const copied = (name: string) => `The ladder of ${name}, by hand.`;
export const undone = "ladder copied";
