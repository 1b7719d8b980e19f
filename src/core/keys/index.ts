export { type CardStep, cardSteps, closedByItself, likelySlips, type Slip, type StrokeRun } from "./card";
export { chordWindowOf, type ChordWindow, type NearMiss, nearMisses, nearMissesOf } from "./nearMisses";
export { shownChoices, stateFromShown } from "./shown";

export type { KeyGoal, KeyPlan, PlanProblem } from "./goal";
export { planKeys } from "./plan";
export { KEY_COSTS, play, pressCount, type Stroke, strokeMs } from "./strokes";
export { walkTheLeaflet } from "./walkTheLeaflet";
export { restoreAndReapply } from "./restore";
