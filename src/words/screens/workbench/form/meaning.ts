// The words of screens/workbench/form/Meaning.
export const giveMeaning = (accepted: string) => `Give ${accepted}.`;
export const setting = "Sets";
export const standsAt = "To";
export const notThis = "Take out";
export const oneMore = "One setting more";
