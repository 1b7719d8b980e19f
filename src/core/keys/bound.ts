/**
 * The planner's lower bound: never more than the time still needed. It adds the cheapest change of each wrong line, the
 * shortest walk over the pages to all entries still to be visited, the ways in and out, the save and the power cycle.
 * Entries that come and go with another line are not counted as steps, so that the bound stays below the truth.
 */
import { layoutOf, type DisplayProfile, type MenuState, actsAtOnce, blinksFirst, savesTogether } from "../display";
import type { ChangeTable } from "./change";
import type { Aim, Node } from "./goal";
import { outMs, startOf, times, walkMs, waysOf } from "./ways";

/**
 * Least times to visit all that is wanted on a page and below it, ms: ending back on the page itself, wherever the last
 * of it was, or out of the menu.
 */
interface Tree {
  readonly closed: number;
  readonly open: number;
  readonly left: number;
}

/** What of a state of the search the bound looks at. */
type At = Pick<Node, "state" | "toLook" | "discarding">;

/** Entries of each page that must still be visited; undefined where none. */
type Wanted = readonly (readonly number[] | undefined)[];

/** A function that tells, for a state of the search, a time that is never more than what is still needed, ms. */
export function lowerBound(profile: DisplayProfile, aim: Aim, changes: ChangeTable): (at: At) => number {
  const ways = waysOf(profile);
  const layout = layoutOf(profile);
  const edits = blinksFirst(profile);
  const { targets, required, end = "home" } = aim;
  const walks = new Map<string, number>();
  const outs = new Map<string, number>();

  /** Entries of each page that must still be visited, pages below included. */
  const wantedOf = (lines: readonly number[]): (number[] | undefined)[] => {
    const wanted: (number[] | undefined)[] = layout.pages.map(() => undefined);
    for (const line of lines) {
      let at = layout.placeOfLine[line] ?? null;
      while (at) {
        const here = (wanted[at.page] ??= []);
        if (here.includes(at.at)) break;
        here.push(at.at);
        at = layout.pages[at.page]?.parent ?? null;
      }
    }
    return wanted;
  };

  /** Least walk from a place of a page to the wanted entries of that page, ms. */
  const walkOf = (page: number, from: number, here: readonly number[]): number => {
    const key = `${page}.${from}.${here.join()}`;
    let walk = walks.get(key);
    if (walk === undefined) {
      // An entry that may not be there is not where the page opens for sure: then from wherever is nearest.
      const entries = layout.pages[page]?.entries ?? [];
      walk =
        entries[from]?.shownWhen === null
          ? walkMs(profile, page, from, here, ways)
          : Math.min(...entries.map((_, at) => walkMs(profile, page, at, here, ways)));
      walks.set(key, walk);
    }
    return walk;
  };

  /** Least time out of the menu after the last of some entries of a page, ms. */
  const outOf = (page: number, from: readonly number[], saving: boolean): number => {
    const key = `${saving ? "s" : "o"}${page}.${from.join()}`;
    let ms = outs.get(key);
    if (ms === undefined) outs.set(key, (ms = outMs(profile, page, from, saving, ways)));
    return ms;
  };

  /** The times of a page and of what lies below it, once standing at `from`. */
  const treeOf = (page: number, from: number, wanted: Wanted, state: MenuState, saving: boolean): Tree => {
    const here = wanted[page] ?? [];
    let closed = walkOf(page, from, here);
    let spared = 0;
    let leaving = outOf(page, here.length > 0 ? here : [from], saving);
    for (const at of here) {
      const child = layout.pages[page]?.entries[at]?.opens ?? -1;
      if (child < 0) continue;
      const below = treeOf(child, startOf(profile, child, state), wanted, state, saving);
      const returning = ways.returnMs[child] ?? 0;
      closed += ways.selectMs + below.closed + returning;
      // The last page gone into need not be come back from.
      spared = Math.max(spared, below.closed + returning - below.open);
      leaving = Math.min(leaving, below.left - below.closed - returning);
    }
    return { closed, open: closed - spared, left: closed + leaving };
  };

  /**
   * From a place in the menu up to the page opened by keys: what is wanted below each page on the way, then what its
   * parents want besides. The last of it may be on any of them.
   */
  const climb = (
    page: number,
    from: number,
    wanted: Wanted,
    state: MenuState,
    saving: boolean,
  ): { readonly root: number; readonly open: number; readonly left: number } => {
    const trees: Tree[] = [];
    let at = { page, at: from };
    let cameFrom = -1;
    let highest = 0;
    for (;;) {
      const here = wanted[at.page]?.filter((entry) => entry !== cameFrom) ?? [];
      if (here.length > 0) highest = trees.length;
      trees.push(
        treeOf(
          at.page,
          at.at,
          wanted.map((w, p) => (p === at.page ? here : w)),
          state,
          saving,
        ),
      );
      const parent = layout.pages[at.page]?.parent;
      if (!parent) break;
      at = parent;
      cameFrom = parent.at;
    }
    const up = trees.slice(0, highest + 1);
    const closed = up.reduce((sum, tree) => sum + tree.closed, 0);
    let open = Infinity;
    let left = Infinity;
    let returning = 0;
    let climbed = page;
    for (const tree of up) {
      open = Math.min(open, closed + returning + tree.open - tree.closed);
      left = Math.min(left, closed + returning + tree.left - tree.closed);
      returning += ways.returnMs[climbed] ?? 0;
      climbed = layout.pages[climbed]?.parent?.page ?? climbed;
    }
    return { root: at.page, open, left };
  };

  /** Least time to open a page by keys from where the display stands, pages that have to be open before it included. */
  const openMs = (page: number, state: MenuState, passed: (page: number) => boolean): number =>
    Math.min(
      Infinity,
      ...(ways.openings[page] ?? []).map(({ ms, from, withinMs, fromOff }) => {
        if (from) return ms + Math.min(...from.map((q) => (passed(q) ? 0 : openMs(q, state, () => true))));
        // Too late after power-on: off and on again first. Out of the dark the way on is counted elsewhere.
        if (fromOff && state.screen.kind !== "off") return ms + ways.powerOffMs;
        return state.screen.kind === "home" && state.sincePowerOnMs > withinMs
          ? ms + ways.powerOffMs + ways.powerOnMs
          : ms;
      }),
    );

  return ({ state, toLook, discarding }) => {
    const { screen } = state;
    const inMenu = screen.kind === "menu" || screen.kind === "confirm" || screen.kind === "code";
    let changesMs = 0;
    let unsaved = false;
    let idle = false;
    let confirms = 0;
    const visits: number[] = [];
    const hereLine = screen.kind === "menu" ? (layout.pages[screen.page]?.entries[screen.at]?.line ?? -1) : -1;
    for (const i of required) {
      const target = targets[i];
      if (target === undefined) continue;
      if (state.inForce[i] !== target) idle = true;
      const saved = state.saved[i];
      const pending = inMenu ? state.pending[i] : saved;
      if (saved !== target) unsaved = true;
      if (saved === undefined || pending === undefined || (pending === target && !(discarding && saved !== target)))
        continue;
      // A wrong line that throwing away would mend needs no change.
      if (saved === target) continue;
      if (edits && i === hereLine && screen.kind === "menu" && screen.draft !== null) {
        changesMs += Math.min(
          changes.get(i, screen.draft, target)?.ms ?? Infinity,
          ways.selectMs + (changes.get(i, saved, target)?.ms ?? Infinity),
        );
        confirms += 1;
        continue;
      }
      changesMs +=
        Math.min(changes.get(i, pending, target)?.ms ?? Infinity, changes.get(i, saved, target)?.ms ?? Infinity) +
        (edits ? ways.selectMs : 0);
      if (edits) confirms += 1;
      visits.push(i);
    }
    for (const i of toLook) if (i >= 0 && !visits.includes(i)) visits.push(i);
    // What is pending is kept by leaving, on a display that saves all together.
    const saving = unsaved && savesTogether(profile);
    let walking = 0;
    let leaving = 0;
    let leavings = 1;
    if (visits.length > 0) {
      const wanted = wantedOf(visits);
      leavings = Math.max(
        1,
        layout.pages.filter((place, p) => place.parent === null && wanted[p] !== undefined).length + (inMenu ? 1 : 0),
      );
      let entered = -1;
      leaving = Infinity;
      if (screen.kind === "menu" && !discarding) {
        const climbed = climb(screen.page, screen.at, wanted, state, saving);
        entered = climbed.root;
        walking += climbed.open;
        leaving = climbed.left - climbed.open;
      }
      let outside = 0;
      layout.pages.forEach((place, p) => {
        if (p === entered || place.parent !== null || !wanted[p]) return;
        // A code screen is already on the way in.
        const opened = screen.kind === "code" ? 0 : openMs(p, state, (q) => q === entered || wanted[q] !== undefined);
        const tree = treeOf(p, startOf(profile, p, state), wanted, state, saving);
        walking += opened + tree.open;
        leaving = Math.min(leaving, tree.left - tree.open);
        if ((ways.openings[p] ?? []).every(({ from }) => from === null)) outside += 1;
      });
      // Before a page is opened from outside, the one that is open has to be left; whatever was changed there, saving.
      const between = Math.max(0, outside - (entered >= 0 || (inMenu && screen.kind !== "code") ? 0 : 1));
      const savingBetween = saving && toLook.size === 0 ? Math.max(0, between - (inMenu ? 1 : 0)) : 0;
      walking += times(between - savingBetween, ways.leastOutMs) + times(savingBetween, ways.leastSavingOutMs);
    } else if (screen.kind === "menu" && !discarding) leaving = outOf(screen.page, [screen.at], saving);
    else if (unsaved) leaving = saving ? ways.leastSavingOutMs : ways.leastOutMs;
    // Each leaving may confirm the value that still blinks.
    changesMs += times(aim.confirmsByLeaving ? Math.max(0, confirms - leavings) : confirms, ways.confirmMs);
    if (end === "anywhere") return walking;
    let ending = leaving;
    if (screen.kind === "off" && !ways.opensFromOff) ending += ways.powerOnMs;
    // What the bike obeys stays as it is until the power comes back: a line that is right there needs no cycle, though
    // it be saved wrong.
    const cycles = !actsAtOnce(profile) && (screen.kind === "off" ? unsaved : idle);
    return changesMs + walking + ending + (cycles ? ways.powerOffMs + ways.powerOnMs : 0);
  };
}
