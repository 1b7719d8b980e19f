/**
 * The menu machine: what a display does when its keys are held, let go, left alone, or when its power comes and goes.
 * A pure step function over the profile. The simulated display runs it, the key planner searches it, the proof replays it,
 * so a plan that works in one works in all by construction.
 */
import { decodeLine, rawValues, shows } from "./encoding";
import { linesOf, type Deed, type DisplayProfile, type KeyRule } from "./profile";

export type Screen =
  | { readonly kind: "off" }
  | { readonly kind: "home" }
  | { readonly kind: "menu"; readonly line: number }
  /** The motor turns for as long as the key is held. */
  | { readonly kind: "walk-assist" };

interface Held {
  readonly keys: readonly string[];
  readonly ms: number;
  /** Repeated steps already taken during this hold. */
  readonly steps: number;
  /** The gesture has been used up; nothing more happens until all keys are up. */
  readonly spent: boolean;
}

export interface MenuState {
  readonly screen: Screen;
  /** Raw values per line, in menu order: kept in memory, */
  readonly saved: readonly number[];
  /** as the open menu shows them, */
  readonly pending: readonly number[];
  /** and as the bike obeys them. */
  readonly inForce: readonly number[];
  readonly lastLine: number;
  /** Time since the last key, while a menu is open, ms. */
  readonly idleMs: number;
  readonly held: Held | null;
  /** Assist level on the home screen. */
  readonly level: number;
  readonly lampOn: boolean;
}

const HOME: Screen = { kind: "home" };
const OFF: Screen = { kind: "off" };

/** A display that is on, at its home screen, with `raws` saved and in force. One raw value per line, in menu order. */
export function atHome(profile: DisplayProfile, raws: readonly number[]): MenuState {
  const state: MenuState = { screen: HOME, saved: raws, pending: raws, inForce: raws, lastLine: 0, idleMs: 0, held: null, level: 0, lampOn: false };
  return { ...state, level: levelAtPowerOn(profile, state) };
}

/** A display that is off, with `raws` saved. */
export const switchedOff = (profile: DisplayProfile, raws: readonly number[]): MenuState => ({ ...atHome(profile, raws), screen: OFF });

const sameKeys = (a: readonly string[], b: readonly string[]): boolean => a.length === b.length && a.every((key) => b.includes(key));

const rulesFor = (profile: DisplayProfile, screen: Screen, keys: readonly string[]): readonly KeyRule[] =>
  profile.rules.filter((rule) => rule.on === screen.kind && sameKeys(rule.keys, keys));

// ── what the rider's settings make of power-on and levels ───────────────────────────────────────────────────────────

function settingInForce(profile: DisplayProfile, state: MenuState, setting: "assistLevels" | "levelAtPowerOn"): number | "last-used" | null {
  const index = linesOf(profile).findIndex((line) => line.encoding.setting === setting);
  const line = linesOf(profile)[index];
  const raw = state.inForce[index];
  if (!line || raw === undefined) return null;
  const value = decodeLine(line.encoding, raw);
  return typeof value === "number" || value === "last-used" ? value : null;
}

/** Levels above 0 the bike has at present. */
export function levelsInForce(profile: DisplayProfile, state: MenuState): number {
  const levels = settingInForce(profile, state, "assistLevels");
  return typeof levels === "number" ? levels : 5;
}

function levelAtPowerOn(profile: DisplayProfile, state: MenuState): number {
  const level = settingInForce(profile, state, "levelAtPowerOn");
  return Math.min(typeof level === "number" ? level : level === "last-used" ? state.level : 0, levelsInForce(profile, state));
}

// ── deeds ───────────────────────────────────────────────────────────────────────────────────────────────────────────

function save(profile: DisplayProfile, state: MenuState): MenuState {
  return { ...state, saved: state.pending, inForce: profile.inForce === "at-once" ? state.pending : state.inForce };
}

const leaveMenu = (state: MenuState): MenuState =>
  ({ ...state, screen: HOME, pending: state.saved, lastLine: state.screen.kind === "menu" ? state.screen.line : state.lastLine, idleMs: 0 });

/** The raw value one step on from `raw`, at the end wrapping round or stopping as the line does. */
export function stepRaw(profile: DisplayProfile, lineIndex: number, raw: number, by: 1 | -1): number {
  const line = linesOf(profile)[lineIndex];
  if (!line) return raw;
  const raws = rawValues(line.encoding);
  const at = raws.indexOf(raw);
  if (raws.length === 0) return raw;
  const next = at + by;
  if (at < 0) return raws[by === 1 ? 0 : raws.length - 1] ?? raw;
  if (next >= 0 && next < raws.length) return raws[next] ?? raw;
  return line.atEnds === "wrap" ? (raws[(next + raws.length) % raws.length] ?? raw) : raw;
}

function perform(profile: DisplayProfile, state: MenuState, deed: Deed): MenuState {
  switch (deed.kind) {
    case "power-on": {
      const on: MenuState = { ...state, screen: HOME, pending: state.saved, inForce: state.saved, lastLine: 0, idleMs: 0, lampOn: false };
      return { ...on, level: levelAtPowerOn(profile, on) };
    }
    case "power-off":
      return { ...leaveMenu(state), screen: OFF, lampOn: false };
    case "open-menu":
      return { ...state, screen: { kind: "menu", line: profile.menu.opensAt === "first-line" ? 0 : state.lastLine }, pending: state.saved, idleMs: 0 };
    case "next-line":
      return state.screen.kind === "menu" ? { ...state, screen: { kind: "menu", line: (state.screen.line + 1) % linesOf(profile).length } } : state;
    case "step-value": {
      if (state.screen.kind !== "menu") return state;
      const { line } = state.screen;
      const raw = state.pending[line];
      if (raw === undefined) return state;
      return { ...state, pending: state.pending.with(line, stepRaw(profile, line, raw, deed.by)) };
    }
    case "save-and-leave":
      return leaveMenu(save(profile, state));
    case "leave-without-saving":
      return leaveMenu(state);
    case "start-walk-assist":
      return { ...state, screen: { kind: "walk-assist" } };
    case "step-level":
      return { ...state, level: Math.max(0, Math.min(levelsInForce(profile, state), state.level + deed.by)) };
    case "toggle-lamp":
      return { ...state, lampOn: !state.lampOn };
  }
}

// ── time and keys ───────────────────────────────────────────────────────────────────────────────────────────────────

interface Due {
  readonly inMs: number;
  readonly fire: (state: MenuState) => MenuState;
}

/** What happens next if nobody touches anything. */
function nextDue(profile: DisplayProfile, state: MenuState): Due | null {
  const { held, screen } = state;
  if (held) {
    if (held.spent) return null;
    const rules = rulesFor(profile, screen, held.keys);
    const hold = rules.find((rule) => rule.gesture.kind === "hold");
    if (hold?.gesture.kind === "hold")
      return { inMs: hold.gesture.holdMs - held.ms, fire: (s) => perform(profile, { ...s, held: s.held && { ...s.held, spent: true } }, hold.does) };
    const repeating = rules.find((rule) => rule.does.kind === "step-value" && rule.does.repeat !== null);
    if (repeating?.does.kind === "step-value" && repeating.does.repeat) {
      const { afterMs, everyMs } = repeating.does.repeat;
      return {
        inMs: afterMs + held.steps * everyMs - held.ms,
        fire: (s) => perform(profile, { ...s, held: s.held && { ...s.held, steps: s.held.steps + 1 } }, repeating.does),
      };
    }
    return null;
  }
  if (screen.kind !== "menu") return null;
  const { closesAfterMs, pending } = profile.menu.idle;
  return { inMs: closesAfterMs - state.idleMs, fire: (s) => leaveMenu(pending === "save" ? save(profile, s) : s) };
}

const pass = (state: MenuState, ms: number): MenuState =>
  state.held
    ? { ...state, held: { ...state.held, ms: state.held.ms + ms } }
    : state.screen.kind === "menu"
      ? { ...state, idleMs: state.idleMs + ms }
      : state;

/** Lets time go by with the keys as they are, ms ≥ 0. */
export function elapse(profile: DisplayProfile, state: MenuState, ms: number): MenuState {
  let now = state;
  let left = ms;
  for (;;) {
    const due = nextDue(profile, now);
    if (!due || due.inMs > left) return left > 0 ? pass(now, left) : now;
    const wait = Math.max(0, due.inMs);
    now = due.fire(pass(now, wait));
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
  if (!before) return keys.length === 0 ? state : { ...state, idleMs: 0, held: { keys, ms: 0, steps: 0, spent: false } };
  const released = before.keys.some((key) => !keys.includes(key));
  if (!released) {
    if (keys.length === before.keys.length) return state;
    return { ...state, held: { keys, ms: 0, steps: 0, spent: before.spent || before.steps > 0 } };
  }
  const tap = before.spent || before.steps > 0 ? undefined : rulesFor(profile, state.screen, before.keys).find((rule) => rule.gesture.kind === "tap");
  const after = tap ? perform(profile, state, tap.does) : state;
  if (keys.length > 0) return { ...after, idleMs: 0, held: { keys, ms: 0, steps: 0, spent: true } };
  return { ...after, idleMs: 0, held: null, screen: after.screen.kind === "walk-assist" ? HOME : after.screen };
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
      return { ...perform(profile, state, { kind: input.on ? "power-on" : "power-off" }), held: null };
  }
}

// ── what the display shows ──────────────────────────────────────────────────────────────────────────────────────────

export type View =
  | { readonly kind: "off" }
  | { readonly kind: "home"; readonly level: number; readonly lampOn: boolean }
  | { readonly kind: "walk-assist" }
  | { readonly kind: "line"; readonly line: number; readonly code: string; readonly shows: string };

/** What can be seen on the display in a state. */
export function viewOf(profile: DisplayProfile, state: MenuState): View {
  switch (state.screen.kind) {
    case "off":
      return { kind: "off" };
    case "home":
      return { kind: "home", level: state.level, lampOn: state.lampOn };
    case "walk-assist":
      return { kind: "walk-assist" };
    case "menu": {
      const { line: index } = state.screen;
      const line = linesOf(profile)[index];
      const raw = state.pending[index];
      if (!line || raw === undefined) throw new RangeError(`menu line ${index} is not in profile ${profile.id}`);
      return { kind: "line", line: index, code: line.code, shows: shows(line.encoding, raw) };
    }
  }
}

/** Whether two views look the same to the technician; the level and the lamp of the home screen do not matter. */
export const sameView = (a: View, b: View): boolean =>
  a.kind === "line" && b.kind === "line" ? a.code === b.code && a.shows === b.shows : a.kind === b.kind;

/** Deeds that can move the bike. Plans keep off them; the screen cautions about them. */
export const movesTheBike = (deed: Deed): boolean => deed.kind === "start-walk-assist";
