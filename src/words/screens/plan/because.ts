// The words of screens/plan/Because.
export const theDisplay = "The display";
export const wheelUnread = (shows: undefined | string, shows2: undefined | string) =>
  `Wheel ${shows ?? "unread"} → ${shows2}`;
export const becauseWheelUnread = (shows: undefined | string) => `Wheel ${shows ?? "unread"}`;
export const becauseLine = (code: string) => `Because: line ${code}`;
export const becauseLine2 = (code: string) => `Line ${code}`;
export const asItIs = " As it is:";
export const thePlanMendsIt = "The plan mends it.";
export const setBy = (whoSet: string, safeDirection: null | "down" | "up") =>
  `Set by ${whoSet}${safeDirection ? ` · safe side: ${safeDirection === "down" ? "smaller" : "larger"}` : ""}`;
export const whatEachWheelCode = "What each wheel code would make of the speed shown";
export const code = "Code";
export const sizeOfTheError = "Size of the error";
export const readsOffBy = "Reads off by";
