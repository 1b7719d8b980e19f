/** Whatever a hand or foot can reach, as signals: keys, a wheel, a free place on the card, a game pad, a headset. */
import { isTyping } from "../primitives/useShortcuts";
import type { Listening } from "./listening";

/** What has a press of its own. */
const PRESSED = "a, button, input, select, textarea, summary, label, details, [role=button]";
const OWN = `${PRESSED}, [role=dialog]`;
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

/** Wheel, pads and headset: loaded once a pad is there, or one of the others is taught or being taught. */
function listenToMore(listening: Listening): () => void {
  let stop = (): void => undefined;
  let gone = false;
  const begin = () => {
    window.removeEventListener("gamepadconnected", begin);
    void import("./moreSignals").then(({ listenBesides }) => {
      if (!gone) stop = listenBesides(listening);
    });
  };
  const hasPad = typeof navigator.getGamepads === "function" && navigator.getGamepads().some((pad) => pad !== null);
  if (hasPad || listening.more || listening.everywhere) begin();
  else window.addEventListener("gamepadconnected", begin);
  return () => {
    gone = true;
    window.removeEventListener("gamepadconnected", begin);
    stop();
  };
}

/** Listens to all of them; the answer stops it. */
export function listen(listening: Listening): () => void {
  const stops = [listenToKeys, listenToPlace, listenToMore].map((each) => each(listening));
  return () => stops.forEach((stop) => stop());
}
