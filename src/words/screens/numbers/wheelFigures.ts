// The words of screens/numbers/WheelFigures.
import { plain } from "../../speak";

export const rollout = "Rollout";
export const wheelFiguresMeasured = (uncertaintyMm: number, from: "measured" | "tyre") =>
  `±${plain(uncertaintyMm, 0)}, ${from === "measured" ? "measured" : "from the sidewall"}`;
export const needsTheTyreOr = "needs the tyre or a measured rollout";
export const mmMm = (rolloutMm: undefined | string, rolloutTurns: number, mm: number) =>
  `${rolloutMm ?? ""} mm ÷ ${rolloutTurns} = ${plain(mm, 1)} mm`;
export const tapeTurnsMm = (uncertaintyMm: number) => `tape ÷ turns = ±${plain(uncertaintyMm, 1)} mm`;
export const n2HLessWhat = (beadSeatMm: number, widthMm: number, mm: number) =>
  `π × (${beadSeatMm} + 2h·${widthMm}) less what a rider presses flat = ${plain(mm, 0)} mm`;
export const beadSeatIso5775 = "Bead seat: ISO 5775-1. Height and squash: from memory, ±1.5 %.";
export const itReadsNow = "It reads now";
export const needsDisplayRolloutAnd = "needs display, rollout and the lines as found";
export const lowTheBikeIs = "low: the bike is faster than it says";
export const highItRobsThe = "high: it robs the rider of speed and range";
