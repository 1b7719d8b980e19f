// The words of screens/intake/FirstFigures.
import { count, plain } from "../../speak";

export const rollout = "Rollout";
export const firstFiguresMeasured = (uncertaintyMm: number, from: "measured" | "tyre") =>
  `±${plain(uncertaintyMm, 0)}, ${from === "measured" ? "measured" : "from the sidewall"}`;
export const needsTheTyreOr = "needs the tyre or a measured rollout";
export const mmTurn = (rolloutMm: undefined | string, rolloutTurns: number) =>
  `${rolloutMm ?? ""} mm ÷ ${count(rolloutTurns, "turn")}`;
export const fromTheDesignationBy = "from the designation by ISO 5775-1, rider on, ±1.5 %";
export const theWheelBenchUnder = "The wheel bench under Numbers holds it against other sources.";
export const fullPack = "Full pack";
export const cellsInSeries = (series: number) => `${series} cells in series`;
export const noUsualSeriesCount = "no usual series count for these volts";
export const needsThePacksVolts = "needs the pack’s volts";
export const vAtRest = (series: number, fullPackV: number) => `${series} × ${plain(fullPackV, 2)} V at rest`;
export const cellsInSeriesAs = "cells in series as you said";
export const labelWatts = "Label watts";
export const batterySideNotThe = "battery side, not the motor’s rating";
export const needsPackVoltsAnd = "needs pack volts and controller amps";
export const assistLimit = "Assist limit";
export const thisClassSetsNone = "this class sets none";
export const needsTheClass = "needs the class";
export const asKnownOn = (source: string, knownOn: string) => `${source}, as known on ${knownOn}`;
export const assistEndsBeforeIt = "assist ends before it, not at it";
