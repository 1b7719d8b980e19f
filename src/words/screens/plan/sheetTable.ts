// The words of screens/plan/SheetTable.
export const line = "Line";
export const sets = "Sets";
export const asLastKnown = "As last known";
export const asFound = "As found";
export const sealedTarget = "Sealed target";
export const target = "Target";
export const sheetTableMark = "Mark";
export const sheet = "Lines of the sheet";
