// The words of ui/lcd/PressableDisplay.
export const simulatedDisplayTogether = (keyNamesSaid: string) => `${keyNamesSaid} together`;
export const togetherOnTheSimulated = (keyNamesSaid: string) => `${keyNamesSaid} together on the simulated display`;
