// The words of screens/workbench/KeyNames.
export const itsKeysByName = "Its keys, by name";
export const betweenCommasAsThey = "Between commas, as they lie on the display: Power, Plus, Minus.";
