// The words of ui/lcd/ColourGlass.
export const accessCode = "Access code";
export const sure = "Sure?";
export const open = "open";
export const leave = "leave";
export const doIt = "do it";
export const colourGlassDigit = (at: number) => `digit ${at + 1}`;
export const walking = "Walking";
export const monitorReadOnly = "Monitor, read only";
export const n00A = "0.0 A";
export const level = "Level ";
export const ofWord = " of ";
export const lamp = "Lamp";
export const hazard = "Hazard";
export const cruise = "Cruise";
