export { type CardStep, cardSteps, closedByItself, likelySlips, type Slip, type StrokeRun } from "./card";
export { chordWindowOf, type ChordWindow } from "./chordWindow";
export { type NearMiss, nearMisses, nearMissesOf } from "./nearMisses";
export { shownChoices, stateFromShown } from "./shown";

export type { KeyGoal, KeyPlan, PlanProblem } from "./goal";
export { allOf, PACE_RANGE, type Pace, personMs, type PersonTime, personTime, USUAL_PACE } from "./pace";
export { planKeys } from "./plan";
export { KEY_COSTS, play, pressCount, type Stroke, strokeMs } from "./strokes";
export { walkTheLeaflet } from "./walkTheLeaflet";
export { restoreAndReapply } from "./restore";
