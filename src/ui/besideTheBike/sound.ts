/** The one sound of this page: made when something is first to be heard, silent where the browser has none. */
import { laid, type Note } from "./score";

let context: AudioContext | null = null;

function sounding(): AudioContext | null {
  if (typeof AudioContext === "undefined") return null;
  context ??= new AudioContext({ latencyHint: "interactive" });
  // A browser lets nothing sound before a hand has touched the page; by the first key of the card one has.
  if (context.state === "suspended") void context.resume().catch(() => undefined);
  return context;
}

const NOTHING = (): void => undefined;

/**
 * Plays notes from a moment of `performance.now()` on, ms; what is past by then is left out.
 * @returns what silences those still to come
 */
export function playNotes(notes: readonly Note[], fromMs: number, volume: number): () => void {
  if (volume === 0 || notes.length === 0) return NOTHING;
  const sound = sounding();
  if (!sound) return NOTHING;
  // Heard when it is seen: what the way to the ear takes is left earlier.
  const behindS = (sound.outputLatency || 0) + (performance.now() - fromMs) / 1000;
  const ahead = notes.filter(({ atMs }) => atMs / 1000 >= behindS);
  return laid(sound, ahead, sound.currentTime - behindS, volume);
}
