/** Pages, entries, questions and codes: where the menu stands, and how it is left. */
import { entryOf, entryShown, HOME, LONG_ON_MS, type MenuPlace, type MenuState, type Screen } from "../menuState";
import { factoryRaws, layoutOf, type Action, type Asks, type DisplayProfile, type PagePlace } from "../profile";
import { actsAtOnce, blinksOn, savesIdle, savingOf } from "./manners";
import { confirmDraft, leaveLine, save } from "./values";

/** Where each page was left, with the entry the menu stands on. */
const leftAt = ({ screen, lastAt }: MenuState): MenuState["lastAt"] => {
  const place = screen.kind === "menu" ? screen : screen.kind === "confirm" ? screen.from : null;
  return place && lastAt[place.page] !== place.at ? lastAt.with(place.page, place.at) : lastAt;
};

/** Home, with what was not saved thrown away. */
export function leaveMenu(state: MenuState): MenuState {
  return { ...state, screen: HOME, pending: state.saved, lastAt: leftAt(state), idleMs: 0 };
}

/** The menu closes by itself: what is pending is saved or thrown away as the display does. */
export function closeIdle(profile: DisplayProfile, state: MenuState): MenuState {
  if (!savesIdle(profile) || state.screen.kind !== "menu") return leaveMenu(state);
  return leaveMenu(save(profile, confirmDraft(profile, state)));
}

export function openPage(profile: DisplayProfile, state: MenuState, page: number): MenuState {
  const place = layoutOf(profile).pages[page];
  if (!place) return state;
  const fromMenu = state.screen.kind === "menu";
  const base = fromMenu
    ? leaveLine(profile, state)
    : state.screen.kind === "code" || state.screen.kind === "confirm"
      ? state
      : { ...state, pending: state.saved };
  const lastAt = fromMenu ? leftAt(state) : base.lastAt;
  const wanted = place.page.opensAt === "first" ? 0 : (lastAt[page] ?? 0);
  const at =
    place.entries[wanted] && entryShown(place.entries[wanted], base.pending)
      ? wanted
      : place.entries.findIndex((entry) => entryShown(entry, base.pending));
  return { ...base, screen: { kind: "menu", page, at: Math.max(0, at), draft: null }, lastAt, idleMs: 0 };
}

/** The entry one step on from one of a page, past those not shown; the same one where there is none. */
export function entryBeside({ page, entries }: PagePlace, from: number, by: 1 | -1, raws: readonly number[]): number {
  const count = entries.length;
  let at = from;
  for (let i = 0; i < count; i++) {
    const next = at + by;
    if (page.atEnds === "stop" && (next < 0 || next >= count)) return from;
    at = (next + count) % count;
    const entry = entries[at];
    if (entry && entryShown(entry, raws)) return at;
  }
  return from;
}

export function moveEntry(profile: DisplayProfile, state: MenuState, by: 1 | -1): MenuState {
  const { screen, pending } = state;
  if (screen.kind !== "menu" || screen.draft !== null) return state;
  const place = layoutOf(profile).pages[screen.page];
  const at = place ? entryBeside(place, screen.at, by, pending) : screen.at;
  return at === screen.at ? state : { ...leaveLine(profile, state), screen: { ...screen, at } };
}

/** The menu brought to another entry of its page, however many steps that takes, `ms` later. */
export function moveTo(profile: DisplayProfile, state: MenuState, at: number, ms: number): MenuState {
  const { screen } = state;
  if (screen.kind !== "menu") return state;
  const left = leaveLine(profile, state);
  const sincePowerOnMs = Math.min(LONG_ON_MS, state.sincePowerOnMs + ms);
  return { ...left, screen: { ...screen, at }, idleMs: 0, sincePowerOnMs };
}

export function act(profile: DisplayProfile, state: MenuState, action: Action): MenuState {
  const noted: MenuState = { ...state, done: [...state.done, action] };
  if (action !== "restore") return noted;
  // What nobody knows the maker's value of stays as it is here; on a real display it is unknown from then on.
  const raws = factoryRaws(profile).map((raw, i) => raw ?? state.saved[i] ?? 0);
  return {
    ...leaveMenu(noted),
    saved: raws,
    pending: raws,
    inForce: actsAtOnce(profile) ? raws : state.inForce,
    pin: null,
  };
}

/** Where something begun from a place of the menu, or from the home screen, goes back to. */
const placed = (from: MenuPlace | null): Screen => (from ? { kind: "menu", ...from, draft: null } : HOME);

/** Digits of a start PIN, none entered yet. */
export const pinAsked = ({ pinDigits }: DisplayProfile): number[] => Array.from({ length: pinDigits }, () => 0);

/** An action begun: asked about first where the display does so, a PIN always twice. */
export function beginAction(
  profile: DisplayProfile,
  state: MenuState,
  { action, asks }: { readonly action: Action; readonly asks: Asks },
  from: MenuPlace | null,
): MenuState {
  if (action === "set-pin")
    return {
      ...state,
      screen: { kind: "code", for: { kind: "new-pin", first: null, from }, digits: pinAsked(profile), at: 0 },
      idleMs: 0,
    };
  if (asks === "nothing") return act(profile, state, action);
  // A pattern is answered by the same key; a question starts on "no".
  return { ...state, screen: { kind: "confirm", action, asks, from, yes: asks === "pattern" }, idleMs: 0 };
}

export function select(profile: DisplayProfile, state: MenuState): MenuState {
  const { screen } = state;
  if (screen.kind === "confirm") {
    const begun = { ...state, screen: placed(screen.from) };
    return screen.yes ? act(profile, begun, screen.action) : begun;
  }
  const place = entryOf(profile, state);
  if (screen.kind !== "menu" || !place) return state;
  switch (place.entry.kind) {
    case "page":
      return place.opens < 0 ? state : openPage(profile, state, place.opens);
    case "exit":
      return leaveMenu(place.entry.saves ? save(profile, state) : state);
    case "action":
      return beginAction(profile, state, place.entry, { page: screen.page, at: screen.at });
    case "line": {
      const raw = state.pending[place.line];
      return blinksOn(profile, screen.page) && screen.draft === null && raw !== undefined
        ? { ...state, screen: { ...screen, draft: raw } }
        : state;
    }
  }
}

export function back(profile: DisplayProfile, state: MenuState): MenuState {
  const { screen } = state;
  if (screen.kind === "confirm") return { ...state, screen: placed(screen.from) };
  if (screen.kind === "monitor") return { ...state, screen: HOME };
  if (screen.kind === "code") return screen.for.kind === "start" ? state : leaveMenu(state);
  if (screen.kind !== "menu") return state;
  if (screen.draft !== null) return { ...state, screen: { ...screen, draft: null } };
  const parent = layoutOf(profile).pages[screen.page]?.parent ?? null;
  const left = leaveLine(profile, state);
  const lastAt = leftAt(state);
  if (parent) return { ...left, lastAt, screen: { kind: "menu", page: parent.page, at: parent.at, draft: null } };
  return leaveMenu(savingOf(profile).onLeavingMenu ? save(profile, left) : left);
}

export function nextDigit(profile: DisplayProfile, state: MenuState): MenuState {
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
      const { first, from } = screen.for;
      if (first === null) return { ...state, screen: { ...again, for: { ...screen.for, first: entered } } };
      const menu: MenuState = { ...state, screen: placed(from) };
      return first === entered ? { ...act(profile, menu, "set-pin"), pin: entered } : menu;
    }
  }
}
