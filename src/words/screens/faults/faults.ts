// The words of screens/faults/Faults.
export const faults = "Faults";
export const howItGoes =
  "What the bike shows, then the check that finds the cause soonest with what is at hand. Every answer moves the odds.";
export const whichBike = "Which bike?";
export const noBike = "One that is not on the rack";
export const bikeOption = (number: number, nickname: string) => `${number} ${nickname}`;
export const whatWasChanged = "Worked on just before";
export const findTheCause = "Find the cause";
export const chooseFirst = "Choose what it shows first.";
export const wheelClear = "Wheel clear of the floor, or the brake held, before anything is switched on or plugged in.";
export const cases = "Looked into";
export const noCases = "Nothing yet.";
export const caseGone = "Taken out.";
export const caseState = (begun: string, cause: string | null) => `${begun}: ${cause ?? "open"}`;
export const remove = "Take out";
export const takeOut = (sign: string) => `Take out ${sign}`;
