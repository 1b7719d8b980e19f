// The words of screens/compare/Compare.
import { count } from "../../speak";

export const displays = "Displays";
export const twoDisplaysSideBy = "Two displays, side by side";
export const one = "One";
export const theOther = "The other";
export const settingBetweenThemAlone = (rowsCount: number, name: string, only: number, name2: string, only2: number) =>
  `${count(rowsCount, "setting")} between them. ${name} alone sets ${only}, ${name2} alone ${only2}. To carry a ` +
  "bike’s sheet over, swap the display at its intake.";
export const compareAnd = (name: string, name2: string) => `${name} and ${name2}`;
export const setting = "Setting";
export const compareLine = (code: string) => `· line ${code}`;
export const noLine = " no line";
