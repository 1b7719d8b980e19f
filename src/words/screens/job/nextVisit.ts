// The words of screens/job/NextVisit.
export const beginAVisit = "Begin a new visit";
export const begun = (number: string) => `Visit ${number} begun.`;
export const expectsWhatWeLeft = "It starts from what we left: only what differs has to be typed.";
