// The words of ui/lcd/SimulatedDisplay.
export const homeScreenLevel = (level: number, info: null | string) =>
  `home screen, level ${level}${info ? `, ${info}` : ""}`;
export const lineShowsBlinking = (code: string, shows: string, blinks: boolean) =>
  `line ${code} shows ${shows}${blinks ? ", blinking" : ""}`;
export const simulatedDisplayAt = (code: string) => `at ${code}`;
export const monitorPage = "monitor page";
export const simulatedDisplaySimulated = (name: string, words: string) => `Simulated ${name}: ${words}`;
export const keyOfTheSimulated = (name: string) => `${name} key of the simulated display`;
export const walkAssistTheMotor = "walk assist: the motor runs";
export const codeDigit = (shows: string, at: number) => `code ${shows}, digit ${at + 1}`;
export const asks = (code: string, shows: string) => `${code} asks: ${shows}`;
