// The words of screens/numbers/NewDisplay.
export const none = (name: string) => (name === "" ? "none" : `none: ${name} stays`);
export const gone = "That description is no longer here. Choose another, or describe it under Displays.";
export const unsound = (name: string) =>
  `${name} cannot be weighed yet: its description does not hold together. Mend it under Displays.`;
