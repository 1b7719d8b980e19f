/**
 * The manners of a menu: when what is pending is saved, how a change is made, what idling does, when a value acts. Each
 * is a row of a table that says all the machine and the planner's bound rest on, so that a new way of doing it which
 * somebody forgot does not compile.
 */
import type { DisplayProfile } from "../profileTypes";

type Menu = DisplayProfile["menu"];

interface WayOfSaving {
  /** What is pending is saved with each change, on leaving a line, on going up from the first page. */
  readonly onChange: boolean;
  readonly onLeavingLine: boolean;
  readonly onLeavingMenu: boolean;
}
const SAVING: { readonly [Way in Menu["saves"]]: WayOfSaving } = {
  "each-change": { onChange: true, onLeavingLine: false, onLeavingMenu: false },
  "leaving-line": { onChange: false, onLeavingLine: true, onLeavingMenu: false },
  "leaving-menu": { onChange: false, onLeavingLine: false, onLeavingMenu: true },
};

/** Whether a value blinks and is confirmed before it counts. */
const BLINKS_FIRST: { readonly [Way in Menu["changing"]]: boolean } = { "at-once": false, select: true };

/** Whether a menu that closes by itself saves what is pending. */
const SAVES_IDLE: { readonly [Way in Menu["idle"]["pending"]]: boolean } = { save: true, discard: false };

/** Whether a saved value acts without a power cycle. */
const ACTS_AT_ONCE: { readonly [Way in DisplayProfile["inForce"]]: boolean } = {
  "at-once": true,
  "after-power-cycle": false,
};

export const savingOf = ({ menu }: DisplayProfile): WayOfSaving => SAVING[menu.saves];
/** All changes are saved together, on the way out: nothing before that saves any. */
export const savesTogether = (profile: DisplayProfile): boolean => savingOf(profile).onLeavingMenu;
/** Whether a value of a page blinks and is confirmed before it counts. */
export const blinksOn = ({ menu }: DisplayProfile, page: number): boolean =>
  BLINKS_FIRST[menu.pages[page]?.changing ?? menu.changing];
/** Whether values blink first on every page, or on some. */
export const blinksEverywhere = (profile: DisplayProfile): boolean =>
  profile.menu.pages.every((_, page) => blinksOn(profile, page));
export const blinksSomewhere = (profile: DisplayProfile): boolean =>
  profile.menu.pages.some((_, page) => blinksOn(profile, page));
export const savesIdle = ({ menu }: DisplayProfile): boolean => SAVES_IDLE[menu.idle.pending];
export const actsAtOnce = ({ inForce }: DisplayProfile): boolean => ACTS_AT_ONCE[inForce];
