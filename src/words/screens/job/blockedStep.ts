// The words of screens/job/BlockedStep.
export const notThisStep = "Not this step yet";
