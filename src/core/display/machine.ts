/**
 * The menu machine: what a display does when its keys are held, let go, left alone, or when its power comes and goes. A
 * pure step function over the profile. The simulated display runs it, the key planner searches it, the proof replays
 * it, so a plan that works in one works in all by construction.
 */
import { rawValues } from "./encoding";
import {
  entryOf,
  entryShown,
  HOME,
  levelAtPowerOn,
  levelsInForce,
  lineAt,
  LONG_ON_MS,
  OFF,
  type MenuState,
  type Screen,
} from "./menuState";
import { factoryRaws, layoutOf, linesOf, type Action, type Deed, type DisplayProfile, type KeyRule } from "./profile";

/** Digits of a start PIN. */
const PIN_DIGITS = 4;

const sameKeys = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((key) => b.includes(key));

/** Whether a rule can act in a state, on keys pressed `downAtMs` after power-on. */
export function ruleActs(profile: DisplayProfile, rule: KeyRule, state: MenuState, downAtMs: number): boolean {
  const { screen } = state;
  if (rule.on !== screen.kind) return false;
  if (rule.sincePowerOn && (rule.sincePowerOn.kind === "within") !== downAtMs <= rule.sincePowerOn.ms) return false;
  if (rule.wheelStill && state.wheelTurns) return false;
  if (screen.kind === "menu") {
    if (rule.pages && !rule.pages.includes(profile.menu.pages[screen.page]?.id ?? "")) return false;
    if (rule.editing !== null && rule.editing !== (screen.draft !== null)) return false;
  }
  return screen.kind !== "home" || rule.infoLine === null || rule.infoLine === profile.infoLines[state.info];
}

const rulesFor = (
  profile: DisplayProfile,
  state: MenuState,
  keys: readonly string[],
  downAtMs: number,
): readonly KeyRule[] =>
  profile.rules.filter(
    (rule) => rule.on === state.screen.kind && sameKeys(rule.keys, keys) && ruleActs(profile, rule, state, downAtMs),
  );

/** Whether a single tap of these keys waits to see if a second follows. */
export const waitsForSecondTap = (profile: DisplayProfile, state: MenuState, keys: readonly string[]): boolean =>
  rulesFor(profile, state, keys, state.sincePowerOnMs).some((rule) => rule.gesture.kind === "double-tap");

// ── deeds ───────────────────────────────────────────────────────────────────────────────────────────────────────────

function save(profile: DisplayProfile, state: MenuState): MenuState {
  if (state.saved === state.pending && (profile.inForce !== "at-once" || state.inForce === state.pending)) return state;
  return { ...state, saved: state.pending, inForce: profile.inForce === "at-once" ? state.pending : state.inForce };
}

/** Keeps where a page was left, and what leaving a line saves. */
function leaveLine(profile: DisplayProfile, state: MenuState): MenuState {
  return profile.menu.saves === "leaving-line" ? save(profile, state) : state;
}

function leaveMenu(state: MenuState): MenuState {
  const { screen } = state;
  const lastAt =
    screen.kind === "menu" || screen.kind === "confirm" ? state.lastAt.with(screen.page, screen.at) : state.lastAt;
  return { ...state, screen: HOME, pending: state.saved, lastAt, idleMs: 0 };
}

/** The menu closes by itself: what is pending is saved or thrown away as the display does. */
function closeIdle(profile: DisplayProfile, state: MenuState): MenuState {
  if (profile.menu.idle.pending === "discard" || state.screen.kind !== "menu") return leaveMenu(state);
  return leaveMenu(save(profile, confirmDraft(profile, state)));
}

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

/** The raw value with one decimal digit stepped on, passing over numbers the line does not have. */
export function stepDigit(profile: DisplayProfile, lineIndex: number, raw: number, place: 0 | 1 | 2): number {
  const line = linesOf(profile)[lineIndex];
  const raws = line ? rawValues(line.encoding) : [];
  if (raws.length === 0 || raw < 0) return raw;
  const unit = 10 ** place;
  const digit = Math.floor(raw / unit) % 10;
  for (let i = 1; i <= 9; i++) {
    const next = raw + (((digit + i) % 10) - digit) * unit;
    if (raws.includes(next)) return next;
  }
  return raw;
}

/** A new value for the line in hand: the blinking one while it is edited, else the pending one. */
function change(profile: DisplayProfile, state: MenuState, next: (line: number, raw: number) => number): MenuState {
  const line = lineAt(profile, state);
  if (state.screen.kind !== "menu" || line < 0) return state;
  if (profile.menu.changing === "select")
    return state.screen.draft === null
      ? state
      : { ...state, screen: { ...state.screen, draft: next(line, state.screen.draft) } };
  const from = state.pending[line];
  if (from === undefined) return state;
  const to = next(line, from);
  if (to === from) return state;
  const changed = { ...state, pending: state.pending.with(line, to) };
  return profile.menu.saves === "each-change" ? save(profile, changed) : changed;
}

/** The line in hand brought to a value, however many steps that takes, `ms` later: what stepping there comes to. */
export const stepTo = (profile: DisplayProfile, state: MenuState, raw: number, ms: number): MenuState =>
  change(profile, { ...state, idleMs: 0, sincePowerOnMs: Math.min(LONG_ON_MS, state.sincePowerOnMs + ms) }, () => raw);

function confirmDraft(profile: DisplayProfile, state: MenuState): MenuState {
  const line = lineAt(profile, state);
  if (state.screen.kind !== "menu" || state.screen.draft === null || line < 0) return state;
  const changed: MenuState = {
    ...state,
    screen: { ...state.screen, draft: null },
    pending: state.pending.with(line, state.screen.draft),
  };
  return profile.menu.saves === "each-change" ? save(profile, changed) : changed;
}

function openPage(profile: DisplayProfile, state: MenuState, page: number): MenuState {
  const place = layoutOf(profile).pages[page];
  if (!place) return state;
  const fromMenu = state.screen.kind === "menu";
  const base = fromMenu
    ? leaveLine(profile, state)
    : state.screen.kind === "code" || state.screen.kind === "confirm"
      ? state
      : { ...state, pending: state.saved };
  const lastAt = state.screen.kind === "menu" ? base.lastAt.with(state.screen.page, state.screen.at) : base.lastAt;
  const wanted = place.page.opensAt === "first" ? 0 : (lastAt[page] ?? 0);
  const at =
    place.entries[wanted] && entryShown(place.entries[wanted], base.pending)
      ? wanted
      : place.entries.findIndex((entry) => entryShown(entry, base.pending));
  return { ...base, screen: { kind: "menu", page, at: Math.max(0, at), draft: null }, lastAt, idleMs: 0 };
}

function moveEntry(profile: DisplayProfile, state: MenuState, by: 1 | -1): MenuState {
  if (state.screen.kind !== "menu" || state.screen.draft !== null) return state;
  const place = layoutOf(profile).pages[state.screen.page];
  if (!place) return state;
  const count = place.entries.length;
  let at = state.screen.at;
  for (let i = 0; i < count; i++) {
    const next = at + by;
    if (place.page.atEnds === "stop" && (next < 0 || next >= count)) return state;
    at = (next + count) % count;
    const entry = place.entries[at];
    if (entry && entryShown(entry, state.pending)) break;
  }
  if (at === state.screen.at) return state;
  return { ...leaveLine(profile, state), screen: { ...state.screen, at } };
}

function act(profile: DisplayProfile, state: MenuState, action: Action): MenuState {
  const noted: MenuState = { ...state, done: [...state.done, action] };
  if (action !== "restore") return noted;
  const raws = factoryRaws(profile);
  return {
    ...leaveMenu(noted),
    saved: raws,
    pending: raws,
    inForce: profile.inForce === "at-once" ? raws : state.inForce,
    pin: null,
  };
}

function select(profile: DisplayProfile, state: MenuState): MenuState {
  const { screen } = state;
  if (screen.kind === "confirm") {
    const entry = layoutOf(profile).pages[screen.page]?.entries[screen.at]?.entry;
    const menu: MenuState = { ...state, screen: { kind: "menu", page: screen.page, at: screen.at, draft: null } };
    return entry?.kind === "action" && screen.yes ? act(profile, menu, entry.action) : menu;
  }
  const place = entryOf(profile, state);
  if (screen.kind !== "menu" || !place) return state;
  switch (place.entry.kind) {
    case "page":
      return place.opens < 0 ? state : openPage(profile, state, place.opens);
    case "exit":
      return leaveMenu(place.entry.saves ? save(profile, state) : state);
    case "action":
      if (place.entry.action === "set-pin")
        return {
          ...state,
          screen: {
            kind: "code",
            for: { kind: "new-pin", first: null, page: screen.page, at: screen.at },
            digits: Array.from({ length: PIN_DIGITS }, () => 0),
            at: 0,
          },
        };
      if (place.entry.asks === "nothing") return act(profile, state, place.entry.action);
      // A pattern is answered by the same key; a question starts on "no".
      return {
        ...state,
        screen: { kind: "confirm", page: screen.page, at: screen.at, yes: place.entry.asks === "pattern" },
      };
    case "line": {
      const raw = state.pending[place.line];
      return profile.menu.changing === "select" && screen.draft === null && raw !== undefined
        ? { ...state, screen: { ...screen, draft: raw } }
        : state;
    }
  }
}

function back(profile: DisplayProfile, state: MenuState): MenuState {
  const { screen } = state;
  if (screen.kind === "confirm")
    return { ...state, screen: { kind: "menu", page: screen.page, at: screen.at, draft: null } };
  if (screen.kind === "monitor") return { ...state, screen: HOME };
  if (screen.kind === "code") return screen.for.kind === "start" ? state : leaveMenu(state);
  if (screen.kind !== "menu") return state;
  if (screen.draft !== null) return { ...state, screen: { ...screen, draft: null } };
  const parent = layoutOf(profile).pages[screen.page]?.parent ?? null;
  const left = leaveLine(profile, state);
  const lastAt = left.lastAt.with(screen.page, screen.at);
  if (parent) return { ...left, lastAt, screen: { kind: "menu", page: parent.page, at: parent.at, draft: null } };
  return leaveMenu(profile.menu.saves === "leaving-menu" ? save(profile, left) : left);
}

function nextDigit(profile: DisplayProfile, state: MenuState): MenuState {
  const { screen } = state;
  if (screen.kind !== "code") return state;
  if (screen.at + 1 < screen.digits.length) return { ...state, screen: { ...screen, at: screen.at + 1 } };
  const entered = screen.digits.join("");
  const again: Screen = { ...screen, digits: screen.digits.map(() => 0), at: 0 };
  switch (screen.for.kind) {
    case "page":
      return entered === screen.for.code ? openPage(profile, state, screen.for.page) : leaveMenu(state);
    case "start":
      return entered === state.pin ? { ...state, screen: HOME } : { ...state, screen: again };
    case "new-pin": {
      const { first, page, at } = screen.for;
      if (first === null) return { ...state, screen: { ...again, for: { ...screen.for, first: entered } } };
      const menu: MenuState = { ...state, screen: { kind: "menu", page, at, draft: null } };
      return first === entered ? { ...act(profile, menu, "set-pin"), pin: entered } : menu;
    }
  }
}

function perform(profile: DisplayProfile, state: MenuState, deed: Deed): MenuState {
  switch (deed.kind) {
    case "power-on": {
      const on: MenuState = {
        ...state,
        screen:
          state.pin === null
            ? HOME
            : { kind: "code", for: { kind: "start" }, digits: Array.from({ length: PIN_DIGITS }, () => 0), at: 0 },
        pending: state.saved,
        inForce: state.saved,
        lastAt: state.lastAt.map(() => 0),
        idleMs: 0,
        sincePowerOnMs: 0,
        lampOn: false,
        hazardOn: false,
        cruising: false,
        brightness: 0,
        info: 0,
      };
      return { ...on, level: levelAtPowerOn(profile, on) };
    }
    case "power-off":
      return { ...leaveMenu(state), screen: OFF, lampOn: false, hazardOn: false, cruising: false, brightness: 0 };
    case "open-page": {
      const page = layoutOf(profile).pageById.get(deed.page);
      if (page === undefined) return state;
      if (deed.code === null) return openPage(profile, state, page);
      return {
        ...state,
        pending: state.screen.kind === "menu" ? state.pending : state.saved,
        screen: {
          kind: "code",
          for: { kind: "page", page, code: deed.code },
          digits: Array.from(deed.code, () => 0),
          at: 0,
        },
        idleMs: 0,
      };
    }
    case "next-entry":
      return moveEntry(profile, state, 1);
    case "previous-entry":
      return moveEntry(profile, state, -1);
    case "select":
      return select(profile, state);
    case "back":
      return back(profile, state);
    case "step-value":
      if (state.screen.kind === "confirm") return { ...state, screen: { ...state.screen, yes: !state.screen.yes } };
      if (state.screen.kind === "code") {
        const { digits, at } = state.screen;
        return {
          ...state,
          screen: { ...state.screen, digits: digits.with(at, ((digits[at] ?? 0) + deed.by + 10) % 10) },
        };
      }
      return change(profile, state, (line, raw) => stepRaw(profile, line, raw, deed.by));
    case "step-digit":
      return change(profile, state, (line, raw) => stepDigit(profile, line, raw, deed.place));
    case "confirm-value":
      return confirmDraft(profile, state);
    case "cancel-value":
      return state.screen.kind === "menu" ? { ...state, screen: { ...state.screen, draft: null } } : state;
    case "save-and-leave":
      return leaveMenu(save(profile, confirmDraft(profile, state)));
    case "leave-without-saving":
      return leaveMenu(state);
    case "next-digit":
      return nextDigit(profile, state);
    case "run-action": {
      // In the menu the key acts on the line it stands on, and on no other.
      const entry = entryOf(profile, state)?.entry;
      return state.screen.kind === "menu" && (entry?.kind !== "action" || entry.action !== deed.action)
        ? state
        : act(profile, state, deed.action);
    }
    case "start-walk-assist":
      return { ...state, screen: { kind: "walk-assist" } };
    case "step-level":
      return {
        ...state,
        cruising: false,
        level: Math.max(0, Math.min(levelsInForce(profile, state), state.level + deed.by)),
      };
    case "toggle-lamp":
      return { ...state, lampOn: !state.lampOn };
    case "toggle-hazard-lamp":
      return { ...state, hazardOn: !state.hazardOn };
    case "next-info":
      return { ...state, info: profile.infoLines.length === 0 ? 0 : (state.info + 1) % profile.infoLines.length };
    case "open-monitor":
      return { ...state, screen: { kind: "monitor" }, idleMs: 0 };
    case "start-cruise":
      return { ...state, cruising: true };
    case "end-cruise":
      return { ...state, cruising: false };
    case "step-backlight":
      return { ...state, brightness: Math.max(-5, Math.min(5, state.brightness + deed.by)) };
  }
}

// ── time and keys ───────────────────────────────────────────────────────────────────────────────────────────────────

interface Due {
  readonly inMs: number;
  readonly fire: (state: MenuState) => MenuState;
}

/** Screens that close by themselves when left alone. */
const closes = ({ screen }: MenuState): boolean =>
  screen.kind === "menu" ||
  screen.kind === "confirm" ||
  screen.kind === "monitor" ||
  (screen.kind === "code" && screen.for.kind !== "start");

/** What happens next if nobody touches anything. */
function nextDue(profile: DisplayProfile, state: MenuState): Due | null {
  const { held, tapped } = state;
  if (held) {
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
    return { ...settled, idleMs: 0, held: { keys, ms: 0, steps: 0, spent: false, downAtMs: settled.sincePowerOnMs } };
  }
  const released = before.keys.some((key) => !keys.includes(key));
  if (!released) {
    if (keys.length === before.keys.length) return state;
    return {
      ...state,
      held: { keys, ms: 0, steps: 0, spent: before.spent || before.steps > 0, downAtMs: state.sincePowerOnMs },
    };
  }
  const after = before.spent || before.steps > 0 ? state : tap(profile, state, before.keys, before.downAtMs);
  if (keys.length > 0)
    return { ...after, idleMs: 0, held: { keys, ms: 0, steps: 0, spent: true, downAtMs: state.sincePowerOnMs } };
  return { ...after, idleMs: 0, held: null, screen: after.screen.kind === "walk-assist" ? HOME : after.screen };
}

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
