/** What is reached for besides keys and a free place: a wheel, a game pad, the buttons of a headset. */
import type { Listening } from "./listening";

/** A wheel is turned when it goes farther than a finger resting on it trembles, px. */
const WHEEL_TURN_PX = 4;
/** A game pad is asked so often, ms. */
const PAD_EVERY_MS = 40;

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

/** Loaded where a headset is listened to, or taught. */
function listenToHeadset({ onSignal, headset }: Listening): () => void {
  if (!headset || !("mediaSession" in navigator)) return () => undefined;
  let stop = (): void => undefined;
  let gone = false;
  void import("./headset").then(({ listenToButtons }) => {
    if (!gone) stop = listenToButtons(onSignal);
  });
  return () => {
    gone = true;
    stop();
  };
}

/** Listens to all of these; the answer stops it. */
export function listenBesides(listening: Listening): () => void {
  const stops = [listenToWheel, listenToPads, listenToHeadset].map((each) => each(listening));
  return () => stops.forEach((stop) => stop());
}
