/**
 * What the card is told, and by which hand or foot: a key, a pedal, a wheel, a game pad, a headset. Each has a name of
 * its own, its signal; which signal says what is taught by pressing it.
 */

/** What can be said without looking at the screen. */
export const ACTS = ["done", "other", "again", "back"] as const;
export type Act = (typeof ACTS)[number];

/** A name for what was pressed: `key:PageDown`, `wheel:down`, `pad:0`, `tap`, `media:play`. */
export type Signal = string;

/** Signals by what they say; each says one thing. */
export type Taught = Readonly<Record<Act, readonly Signal[]>>;

/** Before anything is taught. A wheel says nothing until it is taught: the page is scrolled by it. */
export const TAUGHT_AT_FIRST: Taught = {
  done: ["key: ", "key:Enter", "key:PageDown", "tap", "pad:0"],
  other: ["key:e", "pad:3"],
  again: ["key:r", "pad:2"],
  back: ["key:Backspace", "key:PageUp", "pad:1"],
};

/** What a signal says; null where nobody taught it. */
export const actOf = (taught: Taught, signal: Signal): Act | null =>
  ACTS.find((act) => taught[act].includes(signal)) ?? null;

/** With a signal taught to say this, and nothing else any more. */
export function withTaught(taught: Taught, act: Act, signal: Signal): Taught {
  const without = withoutSignal(taught, signal);
  return { ...without, [act]: [...without[act], signal] };
}

/** With a signal that says nothing any more. */
export const withoutSignal = (taught: Taught, signal: Signal): Taught => {
  const kept = (act: Act) => taught[act].filter((each) => each !== signal);
  return { done: kept("done"), other: kept("other"), again: kept("again"), back: kept("back") };
};
