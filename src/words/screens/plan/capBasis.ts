// The words of screens/plan/CapBasis.
export const whatIsThisCap = "What is this cap compared with?";
export const setTheWheelLine =
  "Set the wheel line two sizes smaller with the wheel up: if assist then ends at the same number shown, it is " +
  "the speed shown.";
