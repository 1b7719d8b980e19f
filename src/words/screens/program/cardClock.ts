// The words of screens/program/CardClock.
export const closingLosesNothing = "closing loses nothing";
export const closingSaves = (codes: string) => `closing saves ${codes}`;
export const closingThrowsAway = (codes: string) => `closing throws away ${codes}`;
