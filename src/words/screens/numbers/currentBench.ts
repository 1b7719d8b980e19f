// The words of screens/numbers/CurrentBench.
import * as caution from "../../cautions";
import { partInSentence } from "../../parts";
import { count, plain } from "../../speak";

export const theParts = "The parts";
export const raisingCurrentHeatsController =
  `${caution.moreCurrent} ` + "The line only limits; it never lifts what the hardware gives.";
export const theDisplayLetsA = (
  setA: number,
  part: "motor" | "controller" | "bms" | "connector" | "wire",
  amps: number,
) =>
  `The display lets ${plain(setA)} A through; the ${partInSentence(part)} ` +
  `${part === "controller" ? "gives" : "bears"} ${plain(amps)} ` +
  `A${part === "motor" ? " for the time of a hill" : ""}. The plan lowers it.`;
export const wFromTheBattery = (
  fullW: number,
  motorRatedW: number,
  className: string | null,
  countsContinuous: boolean,
) =>
  `${plain(fullW, 0)} W from the battery and a rating of ${plain(motorRatedW, 0)} W do not contradict each ` +
  "other: a motor may draw more for minutes than it bears for long. " +
  `${className === null ? "" : `${className} ${countsContinuous ? "counts the continuous rating" : "does not say which watts it counts"}.`}`;
export const notKnownAndSo = (unknown: string) => `Not known, and so not counted: ${unknown}.`;
export const thisDisplayHasNo = "This display has no current line: the controller alone limits.";
export const lineHoldsBatteryAmps = (code: string) =>
  `Line ${code} holds battery amps. Above what the controller gives it does nothing.`;
export const lineHoldsAShare = (code: string, amps: null | number) =>
  `Line ${code} holds a share of what the controller ` +
  `gives${amps === null ? "; its amps are not known" : `: ${plain(amps)} A as it stands`}.`;
export const lineNumberAllGive = (code: string, fullCount: number, full: string) =>
  `Line ${code}: ${count(fullCount, "number")} (${full}) all give full power. They change how softly it comes ` +
  "in; a lower number is not a smaller limit.";
export const bench = "current";
