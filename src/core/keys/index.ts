export { type CardStep, cardSteps, forceAfter, type StrokeRun } from "./card";
export { closedByItself, likelySlips, type Slip } from "./slips";
export { doubtfulOnceClosed, unsureOf } from "./unsure";
export { closingOf } from "./closing";
export { chordWindowOf, type ChordWindow } from "./chordWindow";
export { type NearMiss, nearMisses, nearMissesOf } from "./nearMisses";
export { nearestFirst, type Shown, shownChoices, stateFromShown } from "./shown";

export type { KeyGoal, KeyPlan, PlanProblem } from "./goal";
export { allOf, PACE_RANGE, type Pace, personMs, type PersonTime, personTime, USUAL_PACE } from "./pace";
export { planKeys } from "./plan";
export { play } from "./pressing";
export { KEY_COSTS, pressCount, type Stroke, strokeMs, waitForClose } from "./strokes";
export { walkTheLeaflet } from "./walkTheLeaflet";
export { restoreAndReapply } from "./restore";
