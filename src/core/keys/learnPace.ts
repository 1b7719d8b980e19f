/**
 * A technician's own pace, learnt from how long the steps of the card took them: bounded least squares with the usual
 * pace as what is believed before anything was measured (ridge regression, Hoerl and Kennard 1970; solved coordinate by
 * coordinate).
 */
import { PACE_RANGE, USUAL_PACE, type Pace } from "./pace";
import { heldMs, KEY_COSTS, type Stroke } from "./strokes";

/** How long one step of the card took, and what was in it. */
export interface PaceSample {
  /** Taps whose pace is the hand's own. */
  readonly taps: number;
  readonly holds: number;
  readonly looks: number;
  /** What the display asked for whoever pressed it: held keys, waits, ms. */
  readonly fixedMs: number;
  readonly tookMs: number;
}

interface StepRuns {
  readonly runs: readonly { readonly stroke: Stroke; readonly count: number }[];
}

const reachMs = (keys: readonly string[]): number => (keys.length - 1) * KEY_COSTS.extraKeyMs;

/** What one stroke asks of any hand, ms. */
function fixedMs(stroke: Stroke): number {
  switch (stroke.kind) {
    case "wait":
      return stroke.ms;
    case "tap":
      return reachMs(stroke.keys) + (stroke.apartMs === undefined ? 0 : KEY_COSTS.tapHeldMs + stroke.apartMs);
    case "double-tap":
      return reachMs(stroke.keys) + KEY_COSTS.tapHeldMs + KEY_COSTS.doubleTapGapMs;
    case "hold":
    case "keep-holding":
      return reachMs(stroke.keys) + heldMs(stroke);
    case "repeat":
      return reachMs(stroke.keys) + heldMs(stroke) + KEY_COSTS.repeatCareMs;
  }
}

const isOwnTap = (stroke: Stroke): boolean =>
  stroke.kind === "double-tap" || (stroke.kind === "tap" && stroke.apartMs === undefined);
const isHeld = ({ kind }: Stroke): boolean => kind === "hold" || kind === "keep-holding" || kind === "repeat";

/** What a step that took so long says of the person who pressed it. */
export function sampleOf({ runs }: StepRuns, tookMs: number): PaceSample {
  const sum = (of: (stroke: Stroke) => number) => runs.reduce((all, { stroke, count }) => all + count * of(stroke), 0);
  return {
    taps: sum((stroke) => (isOwnTap(stroke) ? 1 : 0)),
    holds: sum((stroke) => (isHeld(stroke) ? 1 : 0)),
    looks: runs.length,
    fixedMs: sum(fixedMs),
    tookMs,
  };
}

const PARTS = ["tapMs", "settleMs", "lookMs", "answerMs"] as const satisfies readonly (keyof Pace)[];

const countsOf = ({ taps, holds, looks }: PaceSample): Readonly<Record<keyof Pace, number>> => ({
  tapMs: taps,
  settleMs: holds,
  lookMs: looks,
  answerMs: 1,
});

/** What was believed before weighs as much as this step, so many times. */
const BELIEVED = { steps: 3, counts: { tapMs: 6, settleMs: 1, lookMs: 2, answerMs: 1 } } as const;
/** A step that took so many times what it usually does, and so long beyond, was not spent at the keys. */
const LEFT_ALONE = { times: 3, beyondMs: 8000 } as const;
/** Rounds over the four parts; they settle in far fewer. */
const ROUNDS = 200;

const foretold = (sample: PaceSample, pace: Pace): number => {
  const counts = countsOf(sample);
  return PARTS.reduce((sum, part) => sum + counts[part] * pace[part], sample.fixedMs);
};

/** Whether a step's time was spent at its keys: neither left alone nor answered before they can have been pressed. */
export const isAtTheKeys = (sample: PaceSample): boolean =>
  sample.tookMs <= LEFT_ALONE.times * foretold(sample, USUAL_PACE) + LEFT_ALONE.beyondMs &&
  sample.tookMs >= sample.fixedMs + sample.taps * PACE_RANGE.tapMs[0];

/** The pace that steps come to, whole ms; the usual one where none was measured. */
export function learnPace(samples: readonly PaceSample[]): Pace {
  const used = samples.filter(isAtTheKeys).map((sample) => ({ sample, counts: countsOf(sample) }));
  const pace: Record<keyof Pace, number> = { ...USUAL_PACE };
  for (let round = 0; round < ROUNDS; round++)
    for (const part of PARTS) {
      const believed = BELIEVED.steps * BELIEVED.counts[part] ** 2;
      let [above, below] = [believed * USUAL_PACE[part], believed];
      for (const { sample, counts } of used) {
        const rest = sample.tookMs - foretold(sample, pace) + counts[part] * pace[part];
        above += counts[part] * rest;
        below += counts[part] ** 2;
      }
      const [least, most] = PACE_RANGE[part];
      pace[part] = Math.min(most, Math.max(least, above / below));
    }
  const whole = (part: keyof Pace) => Math.round(pace[part]);
  return {
    tapMs: whole("tapMs"),
    settleMs: whole("settleMs"),
    lookMs: whole("lookMs"),
    answerMs: whole("answerMs"),
  };
}
