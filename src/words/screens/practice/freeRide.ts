// The words of screens/practice/FreeRide.
export const bike = "Bike";
export const setFor = "Set for";
export const fault = "Put in";
export const NONE = "nothing: all is sound";
export const UNKNOWN = "a fault I do not know";
export const whatIsIt = "What is it?";
export const itIs = (cause: string) => `It is: ${cause}.`;
export const ride = "The bike";
