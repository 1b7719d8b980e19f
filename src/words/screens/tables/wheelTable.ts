// The words of screens/tables/WheelTable.
import { fixed, plain } from "../../speak";

export const tyre = "Tyre";
export const unloaded = "Unloaded";
export const riderOn = "Rider on";
export const outerDiameter = "Outer diameter";
export const inchCodeToTry = "Inch code to try";
export const itThenReads = "It then reads";
export const wheelTableMm = (unloadedMm: number) => `${plain(unloadedMm, 0)} mm`;
export const wheelTableMm2 = (loadedMm: number) => `${plain(loadedMm, 0)} mm`;
export const mmIn = (outerMm: number, outerInch: number) => `${plain(outerMm, 0)} mm, ${fixed(outerInch)} in`;
export const none = "none";
export const unloaded2HMm = (beadSeatMm: number, widthMm: number, unloadedMm: number) =>
  `unloaded: π × (${beadSeatMm} + 2h × ${widthMm}) = ${plain(unloadedMm, 0)} mm`;
export const riderOnLess2 = (widthMm: number, loadedMm: number) =>
  `rider on: less (2π ÷ 3) × 0.15 h × ${widthMm} = ${plain(loadedMm, 0)} mm, ±1.5 %`;
export const code254Mm = (codeInch: number, nominalCircumferenceMm: number) =>
  `code ${plain(codeInch)}: ${plain(codeInch)} × 25.4 × π = ${plain(nominalCircumferenceMm, 0)} mm, ±3 % until proven`;
export const aTyreOfYour = "A tyre of your own";
export const widthAndRimAs = "Width and rim, as on the sidewall: 50-559";
export const giveWidthAndRim = "Give width and rim as on the sidewall, such as 50-559.";
export const thatTyre = "That tyre";
export const othersOnThatRim = "Others on that rim";
export const tyresByRim = "Tyres by rim";
export const rimDiametersIso5775 =
  "Rim diameters: ISO 5775-1. Height and squash: from memory. A measured rollout beats the table. An inch code " +
  "stands for its own millimetres on each display; the wheel bench knows them.";
