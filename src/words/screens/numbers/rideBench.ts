// The words of screens/numbers/RideBench.
export const show = "Show";
export const asItIs = "As it is";
export const asPlanned = "As planned";
export const workingTheRideOut = "Working the ride out";
export const stop = "Stop";
export const stillToSayNothing = (missing: string) => `Still to say: ${missing}. Nothing is guessed in their place.`;
