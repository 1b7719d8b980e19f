// The words of screens/numbers/PackFigures.
import { fixed, plain } from "../../speak";

export const asSaid = "as said";
export const fromTheCharger = "from the charger";
export const usualForTheseVolts = "usual for these volts";
export const cellsInSeries = "Cells in series";
export const nominalAreUsual = (
  from: "as said" | "from the charger" | "usual for these volts" | "guessed",
  seriesOptionsCount: number,
  seriesFrom: "guess" | "said" | "charger" | "nominal",
  seriesOptions: string,
) => `${from}${seriesOptionsCount > 1 && seriesFrom === "nominal" ? `; ${seriesOptions} are usual` : ""}`;
export const fullAtRestV = (series: number, cellV: number, fullV: number) =>
  `full at rest: ${series} × ${fixed(cellV, 2)} V = ${plain(fullV)} V`;
export const itsChargerEndsAt = (chargerV: number) => `its charger ends at ${plain(chargerV)} V`;
export const seriesCountsCommonPractice = "Series counts: common practice, no source.";
export const cutOffToSet = "Cut-off to set";
export const vSparesThePack = (sparingV: number) => `${plain(sparingV)} V spares the pack`;
export const resistanceOfThePack = "Resistance of the pack";
export const inSeriesInParallel = (
  series: number,
  parallel: number,
  parallelFrom: "guess" | "said" | "charger" | "nominal",
) => `${series} in series, ${parallel} in parallel${parallelFrom === "guess" ? " (guessed)" : ""}`;
export const sagOnFullPower = "Sag on full power";
export const needsTheControllersAmps = "needs the controller’s amps";
export const atA = (limitA: number) => `at ${plain(limitA)} A`;
export const or = " or ";
