// The words of screens/program/ReadingStep.
import { count } from "../../speak";

export const keyCard = "Key card";
export const lineNobodyHasRead = (left: number) => `${count(left, "line")} nobody has read`;
export const lineToLookAt = (left: number) => `${count(left, "line")} nobody is sure of`;
export const lineOnTheDisplay = "Line on the display";
export const nobodyHasReadThis = "Nobody has read this line. What does it show?";
export const slipMayHaveChanged = "A slip may have changed this line. What does it show?";
export const itShows = (shows: string) => `It shows ${shows}`;
export const itShowsAsThe = (shows: string) => `It shows ${shows}, as the maker sets it`;
export const space = "space";
export const valueItShows = "Value it shows";
export const nextValueBy = "By key or foot: “something else” goes on to the next value, “done” takes it.";
export const simulatedDisplay = "Simulated display";
export const theSameLineOn = (name: string) => `The same line on a simulated ${name}`;
