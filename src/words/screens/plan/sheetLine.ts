// The words of screens/plan/SheetLine.
export const sheetLineLine = (code: string, lineNameSaid: string) => `Line ${code}, ${lineNameSaid}`;
export const unread = "unread";
export const same = "same";
export const asItIs = "as it is";
