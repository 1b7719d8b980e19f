// The words of screens/program/StepWords.
export const goIntoTheNext = (page: null | string) => `go into ${page ?? "the next page"}`;
export const switchOn = "switch on";
export const openTheMenu = "open the menu";
export const goOn = "go on";
export const nextLine = "next line";
export const leaveTheMenu = "leave the menu";
export const switchOff = "switch off";
export const enterTheCode = "enter the code";
export const holdTheKeys = "hold the keys";
