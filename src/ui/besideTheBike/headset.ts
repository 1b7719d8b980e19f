/** The buttons of a headset: a browser hands them to a page that plays something, if only silence. */
import type { Signal } from "@/core/programming/acts";

const HEADSET = {
  play: "media:play",
  pause: "media:play",
  nexttrack: "media:next",
  previoustrack: "media:previous",
} as const;
type HeadsetDeed = keyof typeof HEADSET;

/** Listens to the buttons of a headset; the answer stops it. */
export function listenToButtons(onSignal: (signal: Signal) => unknown): () => void {
  const deeds = Object.keys(HEADSET) as readonly HeadsetDeed[];
  for (const deed of deeds)
    navigator.mediaSession.setActionHandler(deed, () => {
      onSignal(HEADSET[deed]);
      void silence?.play().catch(() => undefined);
    });
  const silence = silentTrack();
  void silence?.play().catch(() => undefined);
  return () => {
    for (const deed of deeds) navigator.mediaSession.setActionHandler(deed, null);
    silence?.pause();
    if (silence) URL.revokeObjectURL(silence.src);
  };
}

const SILENCE = { seconds: 10, perSecond: 8000, headerBytes: 44 } as const;

/** Ten seconds of nothing, over and over, made here: what a headset's buttons belong to. */
function silentTrack(): HTMLAudioElement | null {
  if (typeof Audio === "undefined") return null;
  const count = SILENCE.seconds * SILENCE.perSecond;
  const view = new DataView(new ArrayBuffer(SILENCE.headerBytes + count));
  const text = (at: number, letters: string) =>
    [...letters].forEach((letter, i) => view.setUint8(at + i, letter.charCodeAt(0)));
  text(0, "RIFF");
  view.setUint32(4, SILENCE.headerBytes - 8 + count, true);
  text(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, SILENCE.perSecond, true);
  view.setUint32(28, SILENCE.perSecond, true);
  view.setUint16(32, 1, true);
  view.setUint16(34, 8, true);
  text(36, "data");
  view.setUint32(40, count, true);
  // Eight bits a sample: the middle is silence.
  new Uint8Array(view.buffer, SILENCE.headerBytes).fill(128);
  const track = new Audio(URL.createObjectURL(new Blob([view.buffer], { type: "audio/wav" })));
  track.loop = true;
  return track;
}
