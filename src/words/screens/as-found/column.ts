// The words of screens/as-found/Column.
export const columnColumn = (id: string) => `${id} column`;
export const oneValueALine = "One value a line, in the display’s order: ";
export const to = " to ";
export const moreThanTheDisplay = " more than the display has lines. ";
export const itIs = "It is";
export const theyAre = "They are";
export const notKeptWhichLine = " not kept: which line does each belong to?";
