/**
 * What a person adds at least to the keys still needed: each page opened and each entry come to is read off the card,
 * each chord is read and answered. Never more than the search counts for it, which the planner's lower bound rests on.
 */
import { layoutOf, type DisplayProfile, type MenuState } from "../display";
import type { Pace } from "./pace";
import type { Wanted } from "./walks";
import type { Ways } from "./ways";

/** Least times of reading and answering, ms. */
interface AttentionBound {
  /** From a state of the search: `staysOpen` where the menu that is open need not be left first. */
  readonly from: (
    state: MenuState,
    wanted: Wanted | null,
    staysOpen: boolean,
    confirms: number,
    cycles: boolean,
  ) => number;
  /** From outside the menu, with all pages still to be opened. */
  readonly onceLeft: (wanted: Wanted) => number;
}

const NOTHING: AttentionBound = { from: () => 0, onceLeft: () => 0 };

export function attentionBound(profile: DisplayProfile, pace: Pace | null, ways: Ways): AttentionBound {
  if (!pace) return NOTHING;
  const { lookMs, answerMs } = pace;
  const { pages } = layoutOf(profile);
  const byChord = lookMs + answerMs;
  const leaves = profile.rules.some(({ on, does }) => on === "menu" && does.kind === "back");
  const exits = profile.menu.pages.some((page) => page.entries.some(({ kind }) => kind === "exit"));
  const leaveMs = lookMs + (leaves || exits ? 0 : answerMs);
  const offInMenu = profile.rules.some(({ on, does }) => on === "menu" && does.kind === "power-off");
  // Confirming and going on in one press is the coming to the next line as well.
  const confirmMs = Number.isFinite(ways.confirmOnMs) ? 0 : lookMs;
  // Opening a page comes to its first entry, or to wherever it was left.
  const landsOn = (page: number, here: readonly number[]): boolean =>
    pages[page]?.page.opensAt !== "first" || pages[page]?.entries[0]?.shownWhen.length !== 0 || here.includes(0);
  const openedMs = (page: number, here: readonly number[]): number =>
    (here.length - (landsOn(page, here) ? 1 : 0) + 1) * lookMs + (pages[page]?.parent ? 0 : answerMs);

  const allOpened = new WeakMap<Wanted, number>();
  const onceLeft = (wanted: Wanted): number => {
    let ms = allOpened.get(wanted);
    if (ms === undefined) {
      ms = wanted.reduce((sum, here, page) => sum + (here ? openedMs(page, here) : 0), 0);
      allOpened.set(wanted, ms);
    }
    return ms;
  };

  return {
    onceLeft,
    from: ({ screen }, wanted, staysOpen, confirms, cycles) => {
      let ms = confirms * confirmMs;
      if (wanted) {
        ms += onceLeft(wanted);
        // Pages that are open need no opening; of their entries, the one it stands on no coming to.
        let page = staysOpen && screen.kind === "menu" ? screen.page : -1;
        while (page >= 0) {
          const here = wanted[page];
          if (here) ms += Math.max(0, here.length - 1) * lookMs - openedMs(page, here);
          page = pages[page]?.parent?.page ?? -1;
        }
        // A code screen is already on the way in.
        if (screen.kind === "code") ms = Math.max(0, ms - byChord);
      }
      const inMenu = screen.kind === "menu" || screen.kind === "confirm";
      if ((wanted || inMenu) && !(cycles && offInMenu)) ms += leaveMs;
      if (cycles) ms += 2 * byChord;
      else if (screen.kind === "off" && !ways.opensFromOff) ms += byChord;
      return ms;
    },
  };
}
