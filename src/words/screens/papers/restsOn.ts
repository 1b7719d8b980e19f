// The words of screens/papers/RestsOn.
export const tableLabel = "What this sheet rests on";
export const fact = "Fact";
export const value = "Value";
export const howItIsKnown = "How it is known";
export const takenAsUsual = (facts: string) => `Nobody said, taken as usual: ${facts}.`;
