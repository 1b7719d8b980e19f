// The words of screens/workbench/LineGrid.
export const lineWasTakenOut = (code: string) => `Line ${code} was taken out.`;
export const linesOfTheDisplay = "Lines of the display";
export const code = "Code";
export const sets = "Sets";
export const from = "From";
export const upTo = "Up to";
export const makers = "Maker’s";
export const open = "Open";
export const addALine = "Add a line";
export const takeOutLine = (code: string) => `Take out line ${code}`;
export const claimsDisagree = " claims disagree";
export const lineMore = (code: string) => `Line ${code}, more`;
export const less = "less";
export const more = "more";
