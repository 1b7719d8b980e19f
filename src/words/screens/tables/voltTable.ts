// The words of screens/tables/VoltTable.
export const cells = "Cells";
export const packsVoltsAtRest = "Packs, volts at rest";
export const label = "Label";
export const inSeries = "In series";
export const charger = "Charger";
export const cutOff = "Cut-off";
export const cellsVoltsPerCell = (series: number) => `${series} cells × volts per cell at each charge`;
export const cutOffTheGreater =
  "cut-off: the greater of the cells’ floor and the BMS’s opening + 0.1 V a cell, rounded up to 0.5 V";
export const voltsPerCellFrom = (gaugeWorks: boolean) =>
  "Volts per cell: from memory. Series counts: common practice, no source. " +
  `${gaugeWorks ? "Under load the pack sags; the battery bench works it out." : "From 90 down to 20 % these cells hold nearly the same volts: a volt gauge says next to nothing in between."}`;
