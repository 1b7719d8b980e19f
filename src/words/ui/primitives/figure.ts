// The words of ui/primitives/Figure.
export const howItIsWorked = ", how it is worked out";
