// The words of screens/workbench/ReadRow.
export const youSaidSo = "you said so";
export const whatLineSets = (code: string) => `What line ${code} sets`;
export const notKnown = "not known";
