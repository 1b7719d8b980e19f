// The words of screens/papers/StandsAgainst.
import { dayAndTime } from "../../speak";

export const standsAgainstIt = "Stands against it";
export const workshopSheetDecided = (handedOverAt: null | string, leavesThough: string) =>
  `Decided${handedOverAt ? ` ${dayAndTime(handedOverAt)}` : ""}: ${leavesThough}`;
export const nobodyHasDecidedIn = "Nobody has decided in writing that it leaves so.";
