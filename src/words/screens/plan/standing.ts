// The words of screens/plan/Standing.
export const noCap = "no cap";
export const notKnown = "not known";
export const measureIt = "measure it";
export const capLineNotRead = "cap line not read";
export const asThisDisplayWill = "As this display will really apply it:";
export const trueWord = "true";
export const was = ", was ";
export const wasUncapped = ", was uncapped";
export const asThisDisplay = (className: string) => `${className}, as this display will really apply it:`;
