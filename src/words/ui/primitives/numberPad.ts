// The words of ui/primitives/NumberPad.
export const numberPad = "Number pad";
export const deleteLast = "Delete last";
