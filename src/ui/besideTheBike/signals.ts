/** Whatever a hand or foot can reach, as signals: keys, a wheel, a free place on the card, a game pad, a headset. */
import type { Signal } from "@/core/programming/acts";
import { isTyping } from "../primitives/useShortcuts";

export interface Listening {
  /** Told of each press; a true answer means it was of use, and the browser does nothing else with it. */
  readonly onSignal: (signal: Signal) => boolean;
  /** Told while a key is held on: it is still the same press. */
  readonly onHeld: () => void;
  /** Where a click or tap says something: anywhere on it but on what is pressed for itself. */
  readonly place: () => HTMLElement | null;
  /** Whether buttons of a headset are listened to: the browser hands them over only to a page that plays something. */
  readonly headset: boolean;
  /** While something is taught: a button in focus and a sheet laid over the page are pressed like anything else. */
  readonly everywhere?: boolean;
}

/** What has a press of its own. */
const PRESSED = "a, button, input, select, textarea, summary, label, details, [role=button]";
const OWN = `${PRESSED}, [role=dialog]`;
/** A wheel is turned when it goes farther than a finger resting on it trembles, px. */
const WHEEL_TURN_PX = 4;
/** A game pad is asked so often, ms. */
const PAD_EVERY_MS = 40;

const hasOwn = (target: EventTarget | null, own = OWN): boolean =>
  target instanceof Element && target.closest(own) !== null;

function listenToKeys({ onSignal, onHeld, everywhere = false }: Listening): () => void {
  const onKey = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || isBesides(event)) return;
    // A button in focus is pressed by these itself.
    if (!everywhere && (event.key === " " || event.key === "Enter") && hasOwn(event.target)) return;
    if (event.repeat) {
      onHeld();
      // A held Space does not scroll the page away.
      if (event.key === " ") event.preventDefault();
    } else if (onSignal(`key:${event.key}`)) {
      event.preventDefault();
      if (everywhere) event.stopPropagation();
    }
  };
  window.addEventListener("keydown", onKey, everywhere);
  return () => window.removeEventListener("keydown", onKey, everywhere);
}

/** Somebody types, or another part of the page has made use of the key. */
const isBesides = (event: KeyboardEvent): boolean => event.defaultPrevented || isTyping(event.target);

function listenToPlace({ onSignal, place, everywhere = false }: Listening): () => void {
  const onClick = (event: MouseEvent) => {
    if (
      hasOwn(event.target, everywhere ? PRESSED : OWN) ||
      !(event.target instanceof Node) ||
      !place()?.contains(event.target)
    )
      return;
    if ((document.getSelection()?.toString() ?? "") === "") onSignal("tap");
  };
  window.addEventListener("click", onClick);
  return () => window.removeEventListener("click", onClick);
}

function listenToWheel({ onSignal, everywhere = false }: Listening): () => void {
  const onWheel = (event: WheelEvent) => {
    if (Math.abs(event.deltaY) < WHEEL_TURN_PX) return;
    if (!everywhere && event.target instanceof Element && event.target.closest("[role=dialog]")) return;
    if (onSignal(event.deltaY > 0 ? "wheel:down" : "wheel:up")) event.preventDefault();
  };
  window.addEventListener("wheel", onWheel, { passive: false });
  return () => window.removeEventListener("wheel", onWheel);
}

function listenToPads({ onSignal }: Listening): () => void {
  if (typeof navigator.getGamepads !== "function") return () => undefined;
  const down = new Set<string>();
  const timer = setInterval(() => {
    for (const pad of navigator.getGamepads())
      pad?.buttons.forEach(({ pressed }, i) => {
        const name = `${pad.index}.${i}`;
        if (pressed && !down.has(name)) onSignal(`pad:${i}`);
        if (pressed) down.add(name);
        else down.delete(name);
      });
  }, PAD_EVERY_MS);
  return () => clearInterval(timer);
}

const HEADSET = {
  play: "media:play",
  pause: "media:play",
  nexttrack: "media:next",
  previoustrack: "media:previous",
} as const;
type HeadsetDeed = keyof typeof HEADSET;

function listenToHeadset({ onSignal, headset }: Listening): () => void {
  if (!headset || !("mediaSession" in navigator)) return () => undefined;
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

/** Listens to all of them; the answer stops it. */
export function listen(listening: Listening): () => void {
  const stops = [listenToKeys, listenToPlace, listenToWheel, listenToPads, listenToHeadset].map((each) =>
    each(listening),
  );
  return () => stops.forEach((stop) => stop());
}
