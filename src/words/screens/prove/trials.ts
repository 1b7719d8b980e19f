// The words of screens/prove/Trials.
export const doesALineDoAnything = "Does a line do anything?";
export const howItGoes =
  "Some lines do nothing on a firmware, some run backwards. Two values, four runs each, in turn: then it is known.";
export const takenOut = (code: string) => `Trial of line ${code} taken out.`;
