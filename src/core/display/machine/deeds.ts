/** What every deed of a key does, in one table: a deed nobody does does not compile. */
import { entryOf, HOME, levelAtPowerOn, levelsInForce, OFF, type MenuState } from "../menuState";
import { layoutOf, type Deed, type DisplayProfile } from "../profile";
import { back, beginAction, leaveMenu, moveEntry, nextDigit, openPage, pinAsked, select } from "./pages";
import { change, confirmDraft, save, setByProcedure, stepDigit, stepRaw } from "./values";

type DeedOf<Kind extends Deed["kind"]> = Extract<Deed, { kind: Kind }>;

const DEEDS: {
  readonly [Kind in Deed["kind"]]: (profile: DisplayProfile, state: MenuState, deed: DeedOf<Kind>) => MenuState;
} = {
  "power-on": (profile, state) => {
    const on: MenuState = {
      ...state,
      screen: state.pin === null ? HOME : { kind: "code", for: { kind: "start" }, digits: pinAsked(profile), at: 0 },
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
      mode: 0,
    };
    return { ...on, level: levelAtPowerOn(profile, on) };
  },
  "power-off": (_, state) => ({
    ...leaveMenu(state),
    screen: OFF,
    lampOn: false,
    hazardOn: false,
    cruising: false,
    brightness: 0,
  }),
  "open-page": (profile, state, deed) => {
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
  },
  "next-entry": (profile, state) => moveEntry(profile, state, 1),
  "previous-entry": (profile, state) => moveEntry(profile, state, -1),
  select: (profile, state) => select(profile, state),
  back: (profile, state) => back(profile, state),
  "step-value": (profile, state, deed) => {
    if (state.screen.kind === "confirm") return { ...state, screen: { ...state.screen, yes: !state.screen.yes } };
    if (state.screen.kind === "code") {
      const { digits, at } = state.screen;
      return {
        ...state,
        screen: { ...state.screen, digits: digits.with(at, ((digits[at] ?? 0) + deed.by + 10) % 10) },
      };
    }
    return change(profile, state, (line, raw) => stepRaw(profile, line, raw, deed.by));
  },
  "step-digit": (profile, state, deed) =>
    change(profile, state, (line, raw) => stepDigit(profile, line, raw, deed.place)),
  "confirm-value": (profile, state, { then }) =>
    then === "next-entry" ? moveEntry(profile, confirmDraft(profile, state), 1) : confirmDraft(profile, state),
  "cancel-value": (_, state) =>
    state.screen.kind === "menu" ? { ...state, screen: { ...state.screen, draft: null } } : state,
  "save-and-leave": (profile, state) => leaveMenu(save(profile, confirmDraft(profile, state))),
  "leave-without-saving": (_, state) => leaveMenu(state),
  "next-digit": (profile, state) => nextDigit(profile, state),
  "run-action": (profile, state, deed) => {
    // In the menu the key acts on the line it stands on, and on no other.
    const entry = entryOf(profile, state)?.entry;
    const { screen } = state;
    if (screen.kind === "menu")
      return entry?.kind === "action" && entry.action === deed.action
        ? beginAction(profile, state, deed, { page: screen.page, at: screen.at })
        : state;
    // Held through power-on it is done on the way up.
    const on = screen.kind === "off" && deed.asks !== "nothing" ? perform(profile, state, { kind: "power-on" }) : state;
    return beginAction(profile, on, deed, null);
  },
  "set-value": (profile, state, { line, raw }) => setByProcedure(profile, state, line, raw),
  "start-walk-assist": (_, state) => ({ ...state, screen: { kind: "walk-assist" } }),
  "step-level": (profile, state, deed) => ({
    ...state,
    cruising: false,
    level: steppedLevel(profile, state, deed),
  }),
  "next-mode": ({ modes }, state) => ({ ...state, mode: modes.length === 0 ? 0 : (state.mode + 1) % modes.length }),
  "toggle-lamp": (_, state) => ({ ...state, lampOn: !state.lampOn }),
  "toggle-hazard-lamp": (_, state) => ({ ...state, hazardOn: !state.hazardOn }),
  "next-info": (profile, state) => ({
    ...state,
    info: profile.infoLines.length === 0 ? 0 : (state.info + 1) % profile.infoLines.length,
  }),
  "open-monitor": (_, state) => ({ ...state, screen: { kind: "monitor" }, idleMs: 0 }),
  "start-cruise": (_, state) => ({ ...state, cruising: true }),
  "end-cruise": (_, state) => ({ ...state, cruising: false }),
  "step-backlight": (_, state, deed) => ({
    ...state,
    brightness: Math.max(-5, Math.min(5, state.brightness + deed.by)),
  }),
};

/** The level one step on, round the ring or stopping at its ends. */
function steppedLevel(profile: DisplayProfile, state: MenuState, { by, around }: DeedOf<"step-level">): number {
  const { lowest } = profile.levels;
  const highest = levelsInForce(profile, state);
  const next = state.level + by;
  if (next >= lowest && next <= highest) return next;
  const [low, high] = around ? [highest, lowest] : [lowest, highest];
  return next < lowest ? low : high;
}

/** The display after a deed. */
export const perform = <Kind extends Deed["kind"]>(
  profile: DisplayProfile,
  state: MenuState,
  deed: DeedOf<Kind>,
): MenuState => DEEDS[deed.kind as Kind](profile, state, deed);
