// The words of screens/plan/WhatIf.
export const setByHandEach = "Set by hand. Each line can go back to its proposal.";
export const levelsAndRangeNeed = (missing: string) => `Levels and range need: ${missing}.`;
export const noFindingWithThese = "No finding with these values.";
export const setTheseByHand = "Set these by hand";
export const targetsAreFixedThe =
  "Targets are fixed: the plan was sealed when the keys began. Program again to plan anew.";
export const backToTheTarget = "Back to the target";
export const nothingIsKeptUntil = "Nothing is kept until you say so.";
export const fromWhatIf = "From what if";
