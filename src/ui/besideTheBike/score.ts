/**
 * What is heard while somebody counts along: notes made by the browser's own sound, at the times of the cues. A tap is
 * a soft tick, the last of a run another one; a hold is a tone that rises and ends when to let go.
 */
import type { Cue } from "@/core/keys/cues";

/** One note, in ms from the start; its pitch goes from one to the other. */
export interface Note {
  readonly atMs: number;
  readonly untilMs: number;
  readonly fromHz: number;
  readonly toHz: number;
  /** 0 to 1, beside the volume that was chosen. */
  readonly loudness: number;
}

const TICK = { forMs: 40, hz: 880, loudness: 0.6 } as const;
const LAST_TICK = { forMs: 90, hz: 1320, loudness: 0.8 } as const;
const MARK = { forMs: 25, hz: 990, loudness: 0.7 } as const;
const HELD = { fromHz: 330, toHz: 660, loudness: 0.35 } as const;
/** Time running out: lower than anything that is counted, so that nobody takes it for a tap. */
const RUNNING_OUT = { forMs: 70, hz: 440, loudness: 0.7 } as const;

const at = (
  atMs: number,
  { forMs, hz, loudness }: typeof TICK | typeof LAST_TICK | typeof MARK | typeof RUNNING_OUT,
) => ({
  atMs,
  untilMs: atMs + forMs,
  fromHz: hz,
  toHz: hz,
  loudness,
});

/** The notes of a step's cues. */
export const notesOf = (cues: readonly Cue[]): readonly Note[] =>
  cues.flatMap(({ kind, nth, of, downMs, upMs, marksMs }): readonly Note[] => {
    switch (kind) {
      case "tap":
        return [at(downMs, nth === of ? LAST_TICK : TICK)];
      case "hold":
        return [{ atMs: downMs, untilMs: upMs, ...HELD }, ...marksMs.map((ms) => at(ms, MARK)), at(upMs, LAST_TICK)];
      case "wait":
        return [at(upMs, LAST_TICK)];
    }
  });

/** The notes of time running out, at moments in ms. */
export const runningOut = (momentsMs: readonly number[]): readonly Note[] => momentsMs.map((ms) => at(ms, RUNNING_OUT));

/** A note comes and goes in so long, so that nothing clicks, s. */
const EDGE_S = 0.004;

/**
 * Lays notes on a clock of sound, from a moment of that clock on, s.
 * @returns what silences those still to come
 */
export function laid(context: BaseAudioContext, notes: readonly Note[], fromS: number, volume: number): () => void {
  const all = new GainNode(context, { gain: volume });
  all.connect(context.destination);
  for (const { atMs, untilMs, fromHz, toHz, loudness } of notes) {
    const [start, end] = [fromS + atMs / 1000, fromS + untilMs / 1000];
    const tone = new OscillatorNode(context, { type: "triangle", frequency: fromHz });
    tone.frequency.setValueAtTime(fromHz, start);
    tone.frequency.linearRampToValueAtTime(toHz, end);
    const edge = new GainNode(context, { gain: 0 });
    edge.gain.setValueAtTime(0, start);
    edge.gain.linearRampToValueAtTime(loudness, start + EDGE_S);
    edge.gain.setValueAtTime(loudness, end - EDGE_S);
    edge.gain.linearRampToValueAtTime(0, end);
    tone.connect(edge).connect(all);
    tone.start(start);
    tone.stop(end);
  }
  return () => all.disconnect();
}
