// The words of screens/program/Notice.
export const theMenuClosedBy = (lines: string) =>
  `The menu closed by itself. Thrown away: ${lines}. The card goes on from there.`;
export const theMenuClosedByItself = (lines: string) =>
  `The menu closed by itself. Saved: ${lines}. The card goes on from there.`;
export const thatWasOffThe = "That was off the plan. These are the keys from where it is now.";
export const theDisplayWentDark = (lines: string) =>
  `The display went dark. Not saved: ${lines}. The card goes on from there.`;
