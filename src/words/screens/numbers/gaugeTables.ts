// The words of screens/numbers/GaugeTables.
import { count, fixed, plain } from "../../speak";

export const voltsForBar = (bars: number) => `Volts for ${count(bars, "bar")}`;
export const bar = "Bar";
export const lightsFrom = "Lights from";
export const chargeThere = "Charge there";
export const vAMRounded = (series: number, cellV: number, typicalA: number, ohm: number, volts: number) =>
  `${series} × ${fixed(cellV, 3)} V − ${plain(typicalA)} A × ${plain(ohm * 1000, 0)} mΩ, rounded up, never under ` +
  `the cut-off = ${plain(volts)} V`;
export const barsAreLowerThresholds = "Bars are lower thresholds: one at 100 % would never light.";
export const setForVThe = (setV: null | number) => `Set for ${plain(setV ?? 0)} V, the gauge shows`;
export const whatAGaugeIn = "What a gauge in bars, per cent and volts shows";
export const reallyInIt = "Really in it";
export const voltsRiding = "Volts, riding";
export const barsShown = "Bars shown";
export const barsDue = "Bars due";
export const perCentShown = "Per cent shown";
export const gaugeTablesOf = (barsShown: number, bars: number) => `${barsShown} of ${bars}`;
export const restVLessThe = (restV: number, loadedV: number) =>
  `rest ${fixed(restV)} V less the sag = ${fixed(loadedV)} V`;
export const perCentWhatThe = "per cent: what the display’s own curve makes of those volts";
