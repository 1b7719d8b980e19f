// The words of screens/numbers/GoneAndCome.
export const gone = "The plan then no longer says";
export const come = "The plan then says";
