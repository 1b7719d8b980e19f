// The words of screens/numbers/ChartTable.
export const theSameAsA = "The same as a table";
