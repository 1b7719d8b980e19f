// The words of screens/displays/FreeDisplay.
export const stopPedalling = "Stop pedalling";
export const pedalTheWheel = "Pedal the wheel";
export const onAKeyboard = (keys: string) => `On a keyboard: ${keys}.`;
export const onABikeThe = "On a bike the motor would run now. Let go.";
export const theMakersValuesAre = "The maker’s values are back. On a bike every setting would be lost.";
export const doneOnABike = "Done. On a bike there would be no undo.";
export const keyIs = (name: string, keyboard: string) => `${name} is ${keyboard}`;
export const wholeBike = "Ride it on the practice bench";
