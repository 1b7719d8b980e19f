// The words of screens/practice/OwnRide.
export const bike = "The bike";
export const rideIt = "Ride it";
export const asPlanned = "as planned";
export const asItStands = "as it stands";
export const foretold =
  "Foretold by the ride model from this bike’s facts; lines nobody has read stand at the maker’s values. Nothing " +
  "here " +
  "counts for the bike.";
export const notEnough = "The practice bench needs a display, tyre, motor, pack and controller.";
export const sayWhatItIs = (nickname: string) => `Say what ${nickname === "" ? "the bike" : nickname} has`;
export const backToThePlan = "Back to the plan";
