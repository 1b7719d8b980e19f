// The words of screens/classes/ClassForm.
export const formOf = (name: string) => `The class ${name}`;
export const stillToBeSaid = (labels: readonly string[]) => `Still to be said: ${labels.join(", ")}.`;
export const watts = "W";
export const notTheLaw =
  "Odd Spoke checks a bike against what you write here. Whether it is the law is for the local code and, where " +
  "needed, a licensed inspector.";
