// The words of screens/numbers/Numbers.
export const wheel = "Wheel";
export const speedometer = "Speedometer";
export const battery = "Battery";
export const current = "Current";
export const ladder = "Ladder";
export const ride = "Ride";
export const benches = "Benches";
