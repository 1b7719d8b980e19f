/**
 * Least times to visit what is wanted on the pages of a menu: walking a page, going into those below it and back, and
 * up to the page the keys opened. Worked out once for each set of wanted entries, since most states of a search want
 * the same.
 */
import { layoutOf, type DisplayProfile, type MenuState } from "../display";
import { ensure } from "./ensure";
import { outMs, startOf, walkMs, waysOf, type Ways } from "./ways";

/** Entries of each page that must still be visited; undefined where none. */
export type Wanted = readonly (readonly number[] | undefined)[];

/**
 * Least times to visit all that is wanted on a page and below it, ms: ending back on the page itself, wherever the last
 * of it was, or out of the menu.
 */
export interface Tree {
  readonly closed: number;
  readonly open: number;
  readonly left: number;
}

/** From a place in the menu: the page the keys opened, and the times of a tree of all that is wanted on the way up. */
export interface Climb {
  readonly root: number;
  readonly open: number;
  readonly left: number;
}

/** Sets of entries remembered; what hangs on one goes with it. */
const MOST_KEPT = 4000;

const NOTHING: readonly number[] = [];

export class Walks {
  private readonly layout;
  private readonly pagesByContent = new Map<string, readonly number[]>();
  private readonly walks = new WeakMap<readonly number[], Map<number, number>>();
  private readonly outs = new WeakMap<readonly number[], Map<number, number>>();
  private readonly trees = new WeakMap<Wanted, Map<number | string, Tree>>();
  private readonly remembered: readonly number[];

  private static readonly known = new WeakMap<DisplayProfile, Walks>();

  /** The walks of a display: they hang on nothing else, so one serves every plan. */
  static of(profile: DisplayProfile): Walks {
    return ensure(Walks.known, profile, () => new Walks(profile, waysOf(profile)));
  }

  private constructor(
    private readonly profile: DisplayProfile,
    private readonly ways: Ways,
  ) {
    this.layout = layoutOf(profile);
    this.remembered = profile.menu.pages.flatMap((page, i) => (page.opensAt === "last-visited" ? [i] : []));
  }

  /** Entries of each page that must be visited to come to some lines, pages above included. */
  wantedOf(lines: readonly number[]): Wanted {
    const wanted: (number[] | undefined)[] = this.layout.pages.map(() => undefined);
    for (const line of lines) {
      let at = this.layout.placeOfLine[line] ?? null;
      while (at) {
        const here = (wanted[at.page] ??= []);
        if (here.includes(at.at)) break;
        here.push(at.at);
        at = this.layout.pages[at.page]?.parent ?? null;
      }
    }
    if (this.pagesByContent.size > MOST_KEPT) this.pagesByContent.clear();
    // The same entries of a page are the same array, so that what follows from them is worked out once.
    return wanted.map((here, page) => here && ensure(this.pagesByContent, `${page}.${here.join()}`, () => here));
  }

  /** Least walk from a place of a page to the wanted entries of that page, ms. */
  private walkOf(page: number, from: number, here: readonly number[]): number {
    return ensure(
      ensure(this.walks, here, () => new Map<number, number>()),
      page * 1024 + from,
      () => {
        // An entry that may not be there is not where the page opens for sure: then from wherever is nearest.
        const entries = this.layout.pages[page]?.entries ?? [];
        return entries[from]?.shownWhen.length === 0
          ? walkMs(this.profile, page, from, here, this.ways)
          : Math.min(...entries.map((_, at) => walkMs(this.profile, page, at, here, this.ways)));
      },
    );
  }

  /** Least time out of the menu after the last of some entries of a page, ms. */
  outOf(page: number, from: readonly number[], saving: boolean): number {
    return ensure(
      ensure(this.outs, from, () => new Map<number, number>()),
      page * 2 + Number(saving),
      () => outMs(this.profile, page, from, saving, this.ways),
    );
  }

  /** Least time out of the menu from one entry of a page, ms. */
  outFrom(page: number, at: number, saving: boolean): number {
    return this.outOf(
      page,
      ensure(this.pagesByContent, `${page}.${at}`, () => [at]),
      saving,
    );
  }

  /** The times of a page and of what lies below it, once standing at `from`. */
  treeOf(page: number, from: number, wanted: Wanted, state: MenuState, saving: boolean): Tree {
    const number = (page * 1024 + from) * 2 + Number(saving);
    const key =
      this.remembered.length === 0 ? number : `${number}@${this.remembered.map((p) => state.lastAt[p]).join()}`;
    return ensure(
      ensure(this.trees, wanted, () => new Map<number | string, Tree>()),
      key,
      () => this.treeWith(page, from, wanted[page] ?? NOTHING, wanted, state, saving),
    );
  }

  private treeWith(
    page: number,
    from: number,
    here: readonly number[],
    wanted: Wanted,
    state: MenuState,
    saving: boolean,
  ): Tree {
    let closed = this.walkOf(page, from, here);
    let spared = 0;
    let leaving = here.length > 0 ? this.outOf(page, here, saving) : this.outFrom(page, from, saving);
    for (const at of here) {
      const child = this.layout.pages[page]?.entries[at]?.opens ?? -1;
      if (child < 0) continue;
      const below = this.treeOf(child, startOf(this.profile, child, state), wanted, state, saving);
      const returning = this.ways.returnMs[child] ?? 0;
      closed += this.ways.selectMs + below.closed + returning;
      // The last page gone into need not be come back from.
      spared = Math.max(spared, below.closed + returning - below.open);
      leaving = Math.min(leaving, below.left - below.closed - returning);
    }
    return { closed, open: closed - spared, left: closed + leaving };
  }

  /**
   * From a place in the menu up to the page opened by keys: what is wanted below each page on the way, then what its
   * parents want besides. The last of it may be on any of them.
   */
  climb(page: number, from: number, wanted: Wanted, state: MenuState, saving: boolean): Climb {
    const trees: Tree[] = [];
    let at = { page, at: from };
    let cameFrom = -1;
    let highest = 0;
    for (;;) {
      const all = wanted[at.page] ?? NOTHING;
      const here = all.includes(cameFrom) ? all.filter((entry) => entry !== cameFrom) : all;
      if (here.length > 0) highest = trees.length;
      trees.push(
        here === all
          ? this.treeOf(at.page, at.at, wanted, state, saving)
          : this.treeWith(at.page, at.at, here, wanted, state, saving),
      );
      const parent = this.layout.pages[at.page]?.parent;
      if (!parent) break;
      at = parent;
      cameFrom = parent.at;
    }
    return { root: at.page, ...this.upThrough(page, trees.slice(0, highest + 1)) };
  }

  /** The pages of a climb one after the other: the last of what is wanted may be on any of them. */
  private upThrough(page: number, up: readonly Tree[]): Omit<Climb, "root"> {
    const closed = up.reduce((sum, tree) => sum + tree.closed, 0);
    let open = Infinity;
    let left = Infinity;
    let returning = 0;
    let climbed = page;
    for (const tree of up) {
      open = Math.min(open, closed + returning + tree.open - tree.closed);
      left = Math.min(left, closed + returning + tree.left - tree.closed);
      returning += this.ways.returnMs[climbed] ?? 0;
      climbed = this.layout.pages[climbed]?.parent?.page ?? climbed;
    }
    return { open, left };
  }

  /** Least time to open a page by keys from where the display stands, pages that have to be open before it included. */
  openMs(page: number, state: MenuState, passed: (page: number) => boolean): number {
    const { powerOffMs, powerOnMs, openings } = this.ways;
    let least = Infinity;
    for (const { ms, from, withinMs, fromOff } of openings[page] ?? []) {
      let opened = ms;
      if (from) opened += Math.min(...from.map((q) => (passed(q) ? 0 : this.openMs(q, state, () => true))));
      // Too late after power-on: off and on again first. Out of the dark the way on is counted elsewhere.
      else if (fromOff && state.screen.kind !== "off") opened += powerOffMs;
      else if (state.screen.kind === "home" && state.sincePowerOnMs > withinMs) opened += powerOffMs + powerOnMs;
      least = Math.min(least, opened);
    }
    return least;
  }
}
