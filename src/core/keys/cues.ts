/**
 * The keys of a step by the clock: when each goes down, how long it stays, and what happens while it is held. What is
 * heard and seen while somebody counts along is drawn from this, and so is what the machine is given in the tests.
 */
import { strokeMsAt, type Pace } from "./pace";
import { heldMs, KEY_COSTS, type Stroke } from "./strokes";

/** One key, or a chord, down from one moment to another, in ms from the start of the step. */
export interface Cue {
  /** `wait`: hands off. */
  readonly kind: "tap" | "hold" | "wait";
  /** Which run of the step it belongs to, and which of how many of that run it is. */
  readonly run: number;
  readonly nth: number;
  readonly of: number;
  readonly downMs: number;
  readonly upMs: number;
  /** While it is held: each step of a repeating value; the moment from which only some keys stay down. */
  readonly marksMs: readonly number[];
}

interface Run {
  readonly stroke: Stroke;
  readonly count: number;
}

/** The cues of a step's runs, in order, at somebody's pace: never quicker than the display takes them. */
export function cuesOf(runs: readonly Run[], pace: Pace): readonly Cue[] {
  let atMs = 0;
  return runs.flatMap(({ stroke, count }, run) =>
    Array.from({ length: count }).flatMap((_, i) => {
      const cues = strokeCues(stroke, run, i + 1, count, atMs);
      atMs += strokeMsAt(stroke, pace);
      return cues;
    }),
  );
}

function strokeCues(stroke: Stroke, run: number, nth: number, of: number, downMs: number): readonly Cue[] {
  const cue = (kind: Cue["kind"], forMs: number, marksMs: readonly number[] = []): Cue => ({
    kind,
    run,
    nth,
    of,
    downMs,
    upMs: downMs + forMs,
    marksMs: marksMs.map((ms) => downMs + ms),
  });
  switch (stroke.kind) {
    case "wait":
      return [cue("wait", stroke.ms)];
    case "tap":
      return [cue("tap", KEY_COSTS.tapHeldMs)];
    case "double-tap": {
      const again = downMs + KEY_COSTS.tapHeldMs + KEY_COSTS.doubleTapGapMs;
      const first = { ...cue("tap", KEY_COSTS.tapHeldMs), nth: 2 * nth - 1, of: 2 * of };
      return [first, { ...first, nth: 2 * nth, downMs: again, upMs: again + KEY_COSTS.tapHeldMs }];
    }
    case "hold":
      return [cue("hold", heldMs(stroke))];
    case "keep-holding":
      return [cue("hold", heldMs(stroke), [stroke.holdMs + KEY_COSTS.holdMarginMs])];
    case "repeat":
      return [
        cue(
          "hold",
          heldMs(stroke),
          Array.from({ length: stroke.steps }, (_, i) => stroke.afterMs + i * stroke.everyMs),
        ),
      ];
  }
}

/** When the last key of a step is up again, ms from its start. */
export const cuesEndMs = (cues: readonly Cue[]): number => Math.max(0, ...cues.map(({ upMs }) => upMs));

/** Whole seconds before something ends at which it is heard: its last three. */
export const LAST_SECONDS = 3;

/** What is heard of time running out: each of its last seconds, ms from now; none that is past. */
export const lastSecondsMs = (leftMs: number, seconds = LAST_SECONDS): readonly number[] =>
  Array.from({ length: seconds }, (_, i) => leftMs - (seconds - i) * 1000).filter((ms) => ms >= 0);

/** Where the count stands at a moment: which cue, how far, and whether its keys are down. */
export interface Counted {
  readonly run: number;
  readonly kind: Cue["kind"];
  readonly nth: number;
  readonly of: number;
  /** 0 to 1: of the hold or wait, or of the taps of the run. */
  readonly share: number;
  readonly isDown: boolean;
  /** Left of the hold or wait, ms. */
  readonly leftMs: number;
  /** When its keys come up, from the start of the step, ms. */
  readonly upMs: number;
}

/** The count at a moment from the start of a step, ms; null before its first key. */
export function countedAt(cues: readonly Cue[], atMs: number): Counted | null {
  const cue = cues.findLast(({ downMs }) => downMs <= atMs);
  if (!cue) return null;
  const { run, kind, nth, of, downMs, upMs } = cue;
  return {
    run,
    kind,
    nth,
    of,
    share: kind === "tap" ? nth / of : Math.min(1, (atMs - downMs) / Math.max(1, upMs - downMs)),
    isDown: atMs < upMs,
    leftMs: Math.max(0, upMs - atMs),
    upMs,
  };
}
