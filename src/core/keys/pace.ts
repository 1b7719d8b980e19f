/**
 * A person at the keys: how fast they tap and let go, and what reading a key off the card and answering what it shows
 * takes them. Usual times are common practice, no source; a technician's own are learnt on the card (`learnPace`).
 */
import { KEY_COSTS } from "./costs";
import { strokeMs, type Stroke } from "./strokes";
import { USUAL_PACE, type Pace } from "./usualPace";

export { PACE_RANGE, USUAL_PACE, type Pace } from "./usualPace";

/** Whether two strokes are one run as they are read aloud: "plus, three taps". */
export const sameStroke = (a: Stroke, b: Stroke): boolean =>
  a.kind === b.kind && (a.kind === "tap" || a.kind === "double-tap") && "keys" in b && a.keys.join() === b.keys.join();

/** Strokes as runs of equal ones in a row. */
export function strokeRuns(strokes: readonly Stroke[]): readonly { readonly stroke: Stroke; readonly count: number }[] {
  const runs: { stroke: Stroke; count: number }[] = [];
  for (const stroke of strokes) {
    const run = runs.at(-1);
    if (run && sameStroke(run.stroke, stroke)) run.count += 1;
    else runs.push({ stroke, count: 1 });
  }
  return runs;
}

export const runCount = (strokes: readonly Stroke[]): number => strokeRuns(strokes).length;

/** What a hand adds to the stated costs of a stroke, ms; nobody is counted on to be quicker than those. */
function slownessMs(stroke: Stroke, pace: Pace): number {
  switch (stroke.kind) {
    case "wait":
      return 0;
    case "tap":
      return Math.max(0, pace.tapMs - Math.max(USUAL_PACE.tapMs, KEY_COSTS.tapHeldMs + (stroke.apartMs ?? 0)));
    case "double-tap":
      return Math.max(0, pace.tapMs - USUAL_PACE.tapMs);
    case "hold":
    case "keep-holding":
    case "repeat":
      return Math.max(0, pace.settleMs - USUAL_PACE.settleMs);
  }
}

/** Time a stroke takes this person, ms: never less than the keys themselves need. */
export const strokeMsAt = (stroke: Stroke, pace: Pace): number => strokeMs(stroke) + slownessMs(stroke, pace);

/** What a slower hand adds to strokes, ms. */
export const slowHandMs = (strokes: readonly Stroke[], pace: Pace): number =>
  strokes.reduce((sum, stroke) => sum + slownessMs(stroke, pace), 0);

/** Whether a hand adds anything to the stated costs. */
export const isSlowHand = ({ tapMs, settleMs }: Pace): boolean =>
  tapMs > USUAL_PACE.tapMs || settleMs > USUAL_PACE.settleMs;

/** What a person adds to the strokes of one deed, ms: reading its runs, and a slower hand. */
export const attentionMs = (strokes: readonly Stroke[], pace: Pace): number =>
  runCount(strokes) * pace.lookMs + slowHandMs(strokes, pace);

/** What of a step of the card a person has to do with. */
interface StepRuns {
  readonly runs: readonly { readonly stroke: Stroke; readonly count: number }[];
}

/** Where the time of a step, or of many, goes, ms. */
export interface PersonTime {
  readonly keysMs: number;
  readonly lookingMs: number;
  readonly answeringMs: number;
}

/** What steps of the card take a person. */
export function personTime(steps: readonly StepRuns[], pace: Pace): PersonTime {
  const runs = steps.flatMap((step) => step.runs);
  return {
    keysMs: runs.reduce((sum, { stroke, count }) => sum + count * strokeMsAt(stroke, pace), 0),
    lookingMs: runs.length * pace.lookMs,
    answeringMs: steps.length * pace.answerMs,
  };
}

export const allOf = ({ keysMs, lookingMs, answeringMs }: PersonTime): number => keysMs + lookingMs + answeringMs;

/** What steps of the card take a person in all, ms. */
export const personMs = (steps: readonly StepRuns[], pace: Pace): number => allOf(personTime(steps, pace));

/**
 * Runs of strokes a person can read before an untouched menu closes, having answered the step before; one at least, as
 * no step has fewer.
 */
export const runsInTime = (closesAfterMs: number, { lookMs, answerMs }: Pace): number =>
  Math.max(1, Math.floor((closesAfterMs - answerMs) / lookMs));
