/** Where a display stands: its screen, its values three times over, and what those make of power-on and levels. */
import { decodeAll, PLAIN_CONTEXT } from "./encoding";
import { layoutOf, linesOf, settingsOf, type Action, type Asks, type DisplayProfile, type EntryPlace } from "./profile";

/**
 * What the digits being entered are for: a page behind an access code, a new PIN asked twice, or the PIN at the start.
 */
export interface MenuPlace {
  readonly page: number;
  readonly at: number;
}

export type CodeFor =
  | { readonly kind: "page"; readonly page: number; readonly code: string }
  | { readonly kind: "new-pin"; readonly first: string | null; readonly from: MenuPlace | null }
  | { readonly kind: "start" };

export type Screen =
  | { readonly kind: "off" }
  | { readonly kind: "home" }
  /** An entry of a page; `draft` is the value that blinks while it is being changed. */
  | { readonly kind: "menu"; readonly page: number; readonly at: number; readonly draft: number | null }
  | { readonly kind: "code"; readonly for: CodeFor; readonly digits: readonly number[]; readonly at: number }
  /** A question before an action, begun from an entry of a page or, where `from` is null, from the home screen. */
  | {
      readonly kind: "confirm";
      readonly action: Action;
      readonly asks: Exclude<Asks, "nothing">;
      readonly from: MenuPlace | null;
      readonly yes: boolean;
    }
  | { readonly kind: "monitor" }
  /** The motor turns for as long as the key is held. */
  | { readonly kind: "walk-assist" };

interface Held {
  readonly keys: readonly string[];
  readonly ms: number;
  /** Repeated steps already taken during this hold. */
  readonly steps: number;
  /** Keys held with these before and let go since; none while all that went down are still down. */
  readonly released: readonly string[];
  /** The gesture has been used up; nothing more happens until all keys are up. */
  readonly spent: boolean;
  /** Time since power-on when the keys went down, ms. */
  readonly downAtMs: number;
}

export interface MenuState {
  readonly screen: Screen;
  /** Raw values per line, in menu order: kept in memory, */
  readonly saved: readonly number[];
  /** as the open menu shows them, */
  readonly pending: readonly number[];
  /** and as the bike obeys them. */
  readonly inForce: readonly number[];
  /** Entry each page was left at. */
  readonly lastAt: readonly number[];
  /** Time since the last key, while something other than the home screen is up, ms. */
  readonly idleMs: number;
  readonly sincePowerOnMs: number;
  readonly held: Held | null;
  /** A tap that may yet become a double tap. */
  readonly tapped: { readonly keys: readonly string[]; readonly ms: number; readonly downAtMs: number } | null;
  readonly wheelTurns: boolean;
  /** Assist level on the home screen. */
  readonly level: number;
  /** Which of the modes of the home screen is on. */
  readonly mode: number;
  readonly lampOn: boolean;
  readonly hazardOn: boolean;
  readonly cruising: boolean;
  /** Which of the info lines shows. */
  readonly info: number;
  /** Brightness stepped by hand, until power-off. */
  readonly brightness: number;
  readonly pin: string | null;
  /** Actions done since the state was made: restore, clearing, PIN. */
  readonly done: readonly Action[];
}

export const HOME: Screen = { kind: "home" };
export const OFF: Screen = { kind: "off" };

/** Beyond this no rule looks at the time since power-on any more, ms. */
export const LONG_ON_MS = 600_000;

/** A display that has long been on, at its home screen, with `raws` saved and in force. One raw value per line. */
export function atHome(profile: DisplayProfile, raws: readonly number[]): MenuState {
  const state: MenuState = {
    screen: HOME,
    saved: raws,
    pending: raws,
    inForce: raws,
    lastAt: profile.menu.pages.map(() => 0),
    idleMs: 0,
    sincePowerOnMs: LONG_ON_MS,
    held: null,
    tapped: null,
    wheelTurns: false,
    level: 0,
    mode: 0,
    lampOn: false,
    hazardOn: false,
    cruising: false,
    info: 0,
    brightness: 0,
    pin: null,
    done: [],
  };
  return { ...state, level: levelAtPowerOn(profile, state) };
}

/** A display that is off, with `raws` saved. */
export const switchedOff = (profile: DisplayProfile, raws: readonly number[]): MenuState => ({
  ...atHome(profile, raws),
  screen: OFF,
});

/** The entry a menu screen is on, or null elsewhere. */
export function entryOf(profile: DisplayProfile, { screen }: MenuState): EntryPlace | null {
  if (screen.kind !== "menu") return null;
  return layoutOf(profile).pages[screen.page]?.entries[screen.at] ?? null;
}

/** Index of the line a menu screen is on, or -1. */
export const lineAt = (profile: DisplayProfile, state: MenuState): number => entryOf(profile, state)?.line ?? -1;

/** Whether an entry is in the menu under these values. */
export const entryShown = ({ shownWhen }: EntryPlace, raws: readonly number[]): boolean =>
  shownWhen.every((each) => each.raws.includes(raws[each.line] ?? Number.NaN));

function settingInForce(
  profile: DisplayProfile,
  state: MenuState,
  setting: "assistLevels" | "levelAtPowerOn",
): number | string | null {
  for (const [i, line] of linesOf(profile).entries()) {
    if (!settingsOf(line).includes(setting)) continue;
    const value = decodeAll(line, state.inForce[i] ?? 0, PLAIN_CONTEXT)[setting];
    if (typeof value === "number" || typeof value === "string") return value;
  }
  return null;
}

/** Levels above 0 the bike has at present. */
export function levelsInForce(profile: DisplayProfile, state: MenuState): number {
  const levels = settingInForce(profile, state, "assistLevels");
  return typeof levels === "number" ? levels : 5;
}

export function levelAtPowerOn(profile: DisplayProfile, state: MenuState): number {
  const level = settingInForce(profile, state, "levelAtPowerOn");
  const wanted = typeof level === "number" ? level : level === "last-used" ? state.level : 0;
  return Math.max(profile.levels.lowest, Math.min(wanted, levelsInForce(profile, state)));
}
