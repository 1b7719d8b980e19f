/**
 * The menu machine: what a display does when its keys are held, let go, left alone, or when its power comes and goes. A
 * pure step function over the profile. The simulated display runs it, the key planner searches it, the proof replays
 * it, so a plan that works in one works in all by construction. Here is time and keys; what a deed does stands in
 * `machine/`.
 */
import { HOME, LONG_ON_MS, type MenuState } from "./menuState";
import { rulesFor, sameKeys } from "./machine/acting";
import { perform } from "./machine/deeds";
import { closeIdle } from "./machine/pages";
import type { DisplayProfile } from "./profile";

export { stepDigit, stepRaw, stepTo } from "./machine/values";

interface Due {
  readonly inMs: number;
  readonly fire: (state: MenuState) => MenuState;
}

/** Screens that close by themselves when left alone. */
export const closes = ({ screen }: MenuState): boolean =>
  screen.kind === "menu" ||
  screen.kind === "confirm" ||
  screen.kind === "monitor" ||
  (screen.kind === "code" && screen.for.kind !== "start");

/** What happens next if nobody touches anything. */
function nextDue(profile: DisplayProfile, state: MenuState): Due | null {
  const { held, tapped } = state;
  if (held) {
    if (held.released.length > 0) return keptHeld(profile, state, held);
    if (held.spent) return null;
    const rules = rulesFor(profile, state, held.keys, held.downAtMs);
    const hold = rules.find((rule) => rule.gesture.kind === "hold");
    if (hold?.gesture.kind === "hold")
      return {
        inMs: hold.gesture.holdMs - held.ms,
        fire: (s) => perform(profile, { ...s, tapped: null, held: s.held && { ...s.held, spent: true } }, hold.does),
      };
    const repeating = rules.find((rule) => rule.does.kind === "step-value" && rule.does.repeat !== null);
    if (repeating?.does.kind === "step-value" && repeating.does.repeat) {
      const { afterMs, everyMs } = repeating.does.repeat;
      return {
        inMs: afterMs + held.steps * everyMs - held.ms,
        fire: (s) =>
          perform(
            profile,
            { ...s, tapped: null, held: s.held && { ...s.held, steps: s.held.steps + 1 } },
            repeating.does,
          ),
      };
    }
    return null;
  }
  const closing: Due | null = closes(state)
    ? { inMs: profile.menu.idle.closesAfterMs - state.idleMs, fire: (s) => closeIdle(profile, s) }
    : null;
  if (!tapped) return closing;
  const settling: Due = { inMs: profile.doubleTapMs - tapped.ms, fire: (s) => settleTap(profile, s) };
  return closing && closing.inMs < settling.inMs ? closing : settling;
}

/** Keys still down after others held with them came up: a procedure may count on that. */
function keptHeld(profile: DisplayProfile, state: MenuState, held: NonNullable<MenuState["held"]>): Due | null {
  if (held.steps > 0) return null;
  for (const { does, gesture } of rulesFor(profile, state, held.keys, held.downAtMs))
    if (gesture.kind === "keep-holding" && sameKeys(gesture.released, held.released))
      return {
        inMs: gesture.holdMs - held.ms,
        // Once is enough: the steps tell that it has been done.
        fire: (s) => perform(profile, { ...s, held: s.held && { ...s.held, steps: 1 } }, does),
      };
  return null;
}

/** A tap that no second one followed acts after all. */
function settleTap(profile: DisplayProfile, state: MenuState): MenuState {
  const { tapped } = state;
  if (!tapped) return state;
  const rule = rulesFor(profile, state, tapped.keys, tapped.downAtMs).find((each) => each.gesture.kind === "tap");
  const rested: MenuState = { ...state, tapped: null };
  return rule ? perform(profile, rested, rule.does) : rested;
}

const pass = (state: MenuState, ms: number): MenuState => ({
  ...state,
  sincePowerOnMs: state.screen.kind === "off" ? state.sincePowerOnMs : Math.min(LONG_ON_MS, state.sincePowerOnMs + ms),
  held: state.held ? { ...state.held, ms: state.held.ms + ms } : null,
  tapped: state.tapped && !state.held ? { ...state.tapped, ms: state.tapped.ms + ms } : state.tapped,
  idleMs: !state.held && closes(state) ? state.idleMs + ms : state.idleMs,
});

/** Lets time go by with the keys as they are, ms ≥ 0. */
export function elapse(profile: DisplayProfile, state: MenuState, ms: number): MenuState {
  let now = state;
  let left = ms;
  for (;;) {
    const due = nextDue(profile, now);
    if (!due || due.inMs > left) return left > 0 ? pass(now, left) : now;
    const wait = Math.max(0, due.inMs);
    now = due.fire(wait > 0 ? pass(now, wait) : now);
    left -= wait;
  }
}

/** Time until something happens by itself, ms, or null: for a clock that drives a simulated display. */
export const msToNextEvent = (profile: DisplayProfile, state: MenuState): number | null => {
  const due = nextDue(profile, state);
  return due ? Math.max(0, due.inMs) : null;
};

/**
 * Presses or lets go of keys: `keys` are the ones down from now on. A tap counts when its keys come up again; once any
 * key of a chord is up, the ones still down do nothing more.
 */
export function hold(profile: DisplayProfile, state: MenuState, keys: readonly string[]): MenuState {
  const before = state.held;
  if (!before) {
    if (keys.length === 0) return state;
    const settled = state.tapped && !sameKeys(state.tapped.keys, keys) ? settleTap(profile, state) : state;
    return { ...settled, idleMs: 0, held: { ...pressed(keys, settled), spent: false } };
  }
  const released = before.keys.some((key) => !keys.includes(key));
  if (!released) {
    if (keys.length === before.keys.length) return state;
    return {
      ...state,
      held: { ...pressed(keys, state), spent: before.spent || before.steps > 0 },
    };
  }
  const after = before.spent || before.steps > 0 ? state : tap(profile, state, before.keys, before.downAtMs);
  if (keys.length > 0) {
    const released = before.keys.filter((key) => !keys.includes(key));
    return { ...after, idleMs: 0, held: { ...pressed(keys, state), spent: true, released } };
  }
  return { ...after, idleMs: 0, held: null, screen: after.screen.kind === "walk-assist" ? HOME : after.screen };
}

const pressed = (keys: readonly string[], { sincePowerOnMs }: MenuState) => ({
  keys,
  ms: 0,
  steps: 0,
  released: [],
  downAtMs: sincePowerOnMs,
});

function tap(profile: DisplayProfile, state: MenuState, keys: readonly string[], downAtMs: number): MenuState {
  const rules = rulesFor(profile, state, keys, downAtMs);
  const double = rules.find((rule) => rule.gesture.kind === "double-tap");
  if (double)
    return state.tapped && sameKeys(state.tapped.keys, keys)
      ? perform(profile, { ...state, tapped: null }, double.does)
      : { ...state, tapped: { keys, ms: 0, downAtMs } };
  const single = rules.find((rule) => rule.gesture.kind === "tap");
  return single ? perform(profile, state, single.does) : state;
}

export type Input =
  /** Keys go down together, stay for `heldMs`, and come up together. */
  | { readonly kind: "press"; readonly keys: readonly string[]; readonly heldMs: number }
  | { readonly kind: "wait"; readonly ms: number }
  /** The battery is switched or unplugged, whatever the keys do. */
  | { readonly kind: "power"; readonly on: boolean };

/** One input on the machine. */
export function press(profile: DisplayProfile, state: MenuState, input: Input): MenuState {
  switch (input.kind) {
    case "press":
      return hold(profile, elapse(profile, hold(profile, state, input.keys), input.heldMs), []);
    case "wait":
      return elapse(profile, state, input.ms);
    case "power":
      return { ...perform(profile, state, { kind: input.on ? "power-on" : "power-off" }), held: null, tapped: null };
  }
}
