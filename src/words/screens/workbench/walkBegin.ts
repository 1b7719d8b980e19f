export const itsKeys = "Its keys, as you call them";
export const betweenCommas = "Between commas, as they lie.";
export const whichSwitches = "Which one switches it on?";
export const begin = "Begin the walk";
export const nameTwo = "Name two keys at least.";
