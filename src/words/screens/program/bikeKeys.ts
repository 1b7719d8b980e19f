// The words of screens/program/BikeKeys.
export const workingOutTheKeys = "Working out the keys …";
