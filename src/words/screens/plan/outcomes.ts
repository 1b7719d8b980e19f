// The words of screens/plan/Outcomes.
export const whatTheValuesCome = "What the values come to, as found, as planned and with the lines moved";
export const itComesTo = "It comes to";
export const asFound = "As found";
export const target = "Target";
export const whatIf = "What if";
