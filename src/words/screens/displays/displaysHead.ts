// The words of screens/displays/DisplaysHead.
export const displays = "Displays";
export const inventedToLearnOn = (shippedCount: number, ownCount: number) =>
  `${shippedCount} invented, to learn on · ${ownCount} described here`;
export const displayFileToImport = "Display file to import";
export const importADisplay = "Import a display";
export const compareTwo = "Compare two";
export const describeADisplay = "Describe a display";
