// The words of screens/job/CarriedOver.
export const valuesCarriedOver = "Values carried over";
export const setting = "Setting";
export const was = "Was";
export const willBe = "Will be";
export const why = "Why";
