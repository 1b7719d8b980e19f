// The words of ui/primitives/MarkSign.
export const breach = "Breach";
export const caution = "Caution";
export const notKnown = "Not known";
export const note = "Note";
export const markSignCaution = "Caution: ";
