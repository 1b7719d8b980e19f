/**
 * The planner's lower bound: never more than the time still needed. It adds the cheapest change of each wrong line, the
 * shortest walk over the pages to all entries still to be visited, the ways in and out, the save and the power cycle.
 * Entries that come and go with another line are not counted as steps, so that the bound stays below the truth.
 */
import { layoutOf, type DisplayProfile, type MenuState, type PagePlace } from "../display";
import { cheapestMs, codeStrokes, type ChangeTable } from "./change";
import type { Aim, Node } from "./plan";
import { leastRuleMs, strokeMs, totalMs, waitForClose } from "./strokes";

/** n steps at a cost each; no step costs nothing, even where none can be made. */
const times = (n: number, ms: number): number => (n === 0 ? 0 : n * ms);

interface Ways {
  readonly nextMs: number;
  readonly previousMs: number;
  readonly selectMs: number;
  /** Least time back up, or out, from each page. */
  readonly returnMs: readonly number[];
  readonly saveMs: number;
  /** Least time out of the menu from each page. */
  readonly outMs: readonly number[];
  readonly leastOutMs: number;
  readonly confirmMs: number;
  readonly powerOnMs: number;
  readonly powerOffMs: number;
  /** Ways to open each page by keys. */
  readonly openings: readonly (readonly Opening[])[];
}

interface Opening {
  readonly ms: number;
  /** Pages it is opened from; null where it is opened from outside the menu. */
  readonly from: readonly number[] | null;
  /** Only so long after power-on, ms; Infinity where it does not matter. */
  readonly withinMs: number;
  readonly fromOff: boolean;
}

function waysOf(profile: DisplayProfile): Ways {
  const { pages, pageById } = layoutOf(profile);
  const does = (kind: string) => cheapestMs(profile, (rule) => rule.does.kind === kind);
  const inMenu = (kind: string) => cheapestMs(profile, (rule) => rule.does.kind === kind && rule.on === "menu");
  const closing = strokeMs(waitForClose(profile));
  const selectMs = does("select");
  const backMs = does("back");
  const hasExit = (page: (typeof pages)[number], saves?: boolean) => page.page.entries.some((entry) => entry.kind === "exit" && (saves === undefined || entry.saves === saves));
  const together = profile.menu.saves === "leaving-menu";
  const saveMs = Math.min(does("save-and-leave"), pages.some((page) => hasExit(page, true)) ? selectMs : Infinity, profile.menu.idle.pending === "save" ? closing : Infinity, together ? backMs : Infinity);
  const byChord = Math.min(inMenu("save-and-leave"), inMenu("leave-without-saving"), inMenu("power-off"), closing);
  const out = new Map<number, number>();
  const outOf = (page: number): number => {
    const known = out.get(page);
    if (known !== undefined) return known;
    const place = pages[page];
    const parent = place?.parent ?? null;
    const ms = Math.min(byChord, place && hasExit(place) ? selectMs : Infinity, backMs + (parent ? outOf(parent.page) : 0));
    out.set(page, ms);
    return ms;
  };
  const outMs = pages.map((_, i) => outOf(i));
  const openings = pages.map(({ page }) =>
    profile.rules.flatMap((rule): Opening[] => {
      if (rule.does.kind !== "open-page" || rule.does.page !== page.id) return [];
      const entering = rule.does.code === null ? 0 : totalMs(codeStrokes(profile, Array.from(rule.does.code, () => 0), 0, rule.does.code) ?? []);
      const from = rule.on === "menu" ? (rule.pages ?? profile.menu.pages.map((each) => each.id)).flatMap((id) => pageById.get(id) ?? []) : null;
      return [{ ms: leastRuleMs(rule) + entering, from, withinMs: rule.sincePowerOn?.kind === "within" ? rule.sincePowerOn.ms : Infinity, fromOff: rule.on === "off" }];
    }),
  );
  return { nextMs: does("next-entry"), previousMs: does("previous-entry"), selectMs, returnMs: pages.map((page) => Math.min(backMs, byChord, hasExit(page) ? selectMs : Infinity)), saveMs, outMs, leastOutMs: Math.min(...outMs), confirmMs: does("confirm-value"), powerOnMs: does("power-on"), powerOffMs: does("power-off"), openings };
}

const sureBefore = new WeakMap<PagePlace, readonly number[]>();

/** How many entries that are always there stand before each place of a page. */
function sureCounts(place: PagePlace): readonly number[] {
  let counts = sureBefore.get(place);
  if (!counts) {
    const running = [0];
    for (const entry of place.entries) running.push((running[running.length - 1] ?? 0) + (entry.shownWhen === null ? 1 : 0));
    counts = running;
    sureBefore.set(place, counts);
  }
  return counts;
}

/** Shortest walk over a page's entries from one of them to all of `wanted`, ms. */
function walkMs(profile: DisplayProfile, page: number, from: number, wanted: readonly number[], { nextMs, previousMs }: Ways): number {
  const place = layoutOf(profile).pages[page];
  const others = wanted.filter((at) => at !== from);
  if (!place || others.length === 0) return 0;
  const count = place.entries.length;
  const sure = sureCounts(place);
  // An entry that comes and goes may not have to be stepped over; one that is visited always is.
  const forward = (a: number, b: number): number => {
    const upTo = (n: number) => sure[n] ?? 0;
    return 1 + (b > a ? upTo(b) - upTo(a + 1) : upTo(count) - upTo(a + 1) + upTo(b));
  };
  const steps = (a: number, b: number, by: 1 | -1): number => (by === 1 ? forward(a, b) : forward(b, a));
  if (place.page.atEnds === "stop") {
    const last = Math.max(from, ...others);
    const first = Math.min(from, ...others);
    const right = last > from ? steps(from, last, 1) : 0;
    // A list walked one way only is come back to by opening it again, which is not counted here.
    if (!Number.isFinite(previousMs)) return times(right, nextMs);
    const left = first < from ? steps(from, first, -1) : 0;
    if (left === 0 || right === 0) return times(right, nextMs) + times(left, previousMs);
    return Math.min(times(right, nextMs) + times(steps(last, first, -1), previousMs), times(left, previousMs) + times(steps(first, last, 1), nextMs));
  }
  const ahead = [...others].sort((a, b) => ((a - from + count) % count) - ((b - from + count) % count));
  if (!Number.isFinite(previousMs)) return times(steps(from, ahead[ahead.length - 1] ?? from, 1), nextMs);
  let best = Infinity;
  // Some are reached going on, the rest going back: every split, either way first.
  for (let k = 0; k <= ahead.length; k++) {
    const on = ahead[k - 1];
    const back = ahead[k];
    const onFirst = on === undefined ? times(steps(from, back ?? from, -1), previousMs) : times(steps(from, on, 1), nextMs) + (back === undefined ? 0 : times(steps(on, back, -1), previousMs));
    const backFirst = back === undefined ? times(steps(from, on ?? from, 1), nextMs) : times(steps(from, back, -1), previousMs) + (on === undefined ? 0 : times(steps(back, on, 1), nextMs));
    best = Math.min(best, onFirst, backFirst);
  }
  return best;
}

interface Tree {
  readonly closed: number;
  readonly open: number;
}
const NOTHING: Tree = { closed: 0, open: 0 };
const lesser = (a: Tree, b: Tree): Tree => ({ closed: Math.min(a.closed, b.closed), open: Math.min(a.open, b.open) });

/** A function that tells, for a state of the search, a time that is never more than what is still needed, ms. */
export function lowerBound(profile: DisplayProfile, aim: Aim, changes: ChangeTable): (node: Node) => number {
  const ways = waysOf(profile);
  const layout = layoutOf(profile);
  const edits = profile.menu.changing === "select";
  const { targets, required, end = "home" } = aim;
  const mayConfirmByLeaving = edits && (profile.menu.idle.pending === "save" || profile.rules.some((rule) => rule.does.kind === "save-and-leave" && rule.editing !== false));
  const walks = new Map<string, number>();
  const opensFromOff = profile.rules.some((rule) => rule.on === "off" && rule.does.kind === "open-page");

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

  /**
   * Least time to visit all that is wanted on a page and below it, once standing at `from`, ms: ending back on the page
   * itself, or wherever the last of it was.
   */
  const treeMs = (page: number, from: number, wanted: readonly (readonly number[] | undefined)[], state: MenuState): Tree => {
    const here = wanted[page];
    if (!here || here.length === 0) return NOTHING;
    const key = `${page}.${from}.${here.join()}`;
    let walk = walks.get(key);
    if (walk === undefined) {
      // An entry that may not be there is not where the page opens for sure: then from wherever is nearest.
      const entries = layout.pages[page]?.entries ?? [];
      walk = entries[from]?.shownWhen === null ? walkMs(profile, page, from, here, ways) : Math.min(...entries.map((_, at) => walkMs(profile, page, at, here, ways)));
      walks.set(key, walk);
    }
    let closed = walk;
    let spared = 0;
    for (const at of here) {
      const child = layout.pages[page]?.entries[at]?.opens ?? -1;
      if (child < 0) continue;
      const below = treeMs(child, startOf(child, state), wanted, state);
      const returning = ways.returnMs[child] ?? 0;
      closed += ways.selectMs + below.closed + returning;
      // The last page gone into need not be come back from.
      spared = Math.max(spared, below.closed + returning - below.open);
    }
    return { closed, open: closed - spared };
  };

  /** Least time to open a page by keys from where the display stands, pages that have to be open before it included. */
  const openMs = (page: number, state: MenuState, passed: (page: number) => boolean): number =>
    Math.min(
      Infinity,
      ...(ways.openings[page] ?? []).map(({ ms, from, withinMs, fromOff }) => {
        if (from) return ms + Math.min(...from.map((q) => (passed(q) ? 0 : openMs(q, state, () => true))));
        // Too late after power-on: off and on again first. Out of the dark the way on is counted elsewhere.
        if (fromOff && state.screen.kind !== "off") return ms + ways.powerOffMs;
        return state.screen.kind === "home" && state.sincePowerOnMs > withinMs ? ms + ways.powerOffMs + ways.powerOnMs : ms;
      }),
    );

  const startOf = (page: number, state: MenuState): number => (layout.pages[page]?.page.opensAt === "first" ? 0 : (state.lastAt[page] ?? 0));

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
      if (saved === undefined || pending === undefined || (pending === target && !(discarding && saved !== target))) continue;
      // A wrong line that throwing away would mend needs no change.
      if (saved === target) continue;
      if (edits && i === hereLine && screen.kind === "menu" && screen.draft !== null) {
        changesMs += Math.min(changes.get(i, screen.draft, target)?.ms ?? Infinity, ways.selectMs + (changes.get(i, saved, target)?.ms ?? Infinity));
        confirms += 1;
        continue;
      }
      changesMs += Math.min(changes.get(i, pending, target)?.ms ?? Infinity, changes.get(i, saved, target)?.ms ?? Infinity) + (edits ? ways.selectMs : 0);
      if (edits) confirms += 1;
      visits.push(i);
    }
    for (const i of toLook) if (i >= 0 && !visits.includes(i)) visits.push(i);
    let walking = 0;
    let leavings = 1;
    if (visits.length > 0) {
      const wanted = wantedOf(visits);
      leavings = Math.max(1, layout.pages.filter((place, p) => place.parent === null && wanted[p] !== undefined).length + (inMenu ? 1 : 0));
      let entered = -1;
      if (screen.kind === "menu" && !discarding) {
        // Up from here: what lies below this page, then what its parents still want besides.
        let page = screen.page;
        let from = screen.at;
        let cameFrom = -1;
        for (;;) {
          const here = wanted[page]?.filter((at) => at !== cameFrom);
          const rest = wanted.map((w, p) => (p === page ? here : w));
          const tree = here && here.length > 0 ? lesser(treeMs(page, from, rest, state), treeMs(page, startOf(page, state), rest, state)) : NOTHING;
          const parent = layout.pages[page]?.parent ?? null;
          entered = page;
          const elsewhere = parent !== null && (wanted[parent.page]?.some((at) => at !== parent.at) ?? false);
          walking += elsewhere ? tree.closed : tree.open;
          if (!parent) break;
          if (elsewhere) walking += ways.returnMs[page] ?? 0;
          page = parent.page;
          from = parent.at;
          cameFrom = parent.at;
        }
      }
      let outside = 0;
      layout.pages.forEach((place, p) => {
        if (p === entered || place.parent !== null || !wanted[p]) return;
        // A code screen is already on the way in.
        const opened = screen.kind === "code" ? 0 : openMs(p, state, (q) => q === entered || wanted[q] !== undefined);
        walking += opened + treeMs(p, startOf(p, state), wanted, state).open;
        if ((ways.openings[p] ?? []).every(({ from }) => from === null)) outside += 1;
      });
      // Before a page is opened from outside, the one that is open has to be left.
      walking += times(Math.max(0, outside - (entered >= 0 || inMenu ? 0 : 1)), ways.leastOutMs);
    }
    // Each leaving may confirm the value that still blinks.
    changesMs += times(mayConfirmByLeaving ? Math.max(0, confirms - leavings) : confirms, ways.confirmMs);
    if (end === "anywhere") return walking;
    let ending = 0;
    const lastOutMs = visits.length > 0 ? Math.min(...visits.map((line) => ways.outMs[layout.placeOfLine[line]?.page ?? -1] ?? 0)) : screen.kind === "menu" ? (ways.outMs[screen.page] ?? 0) : ways.leastOutMs;
    if (unsaved || visits.length > 0) ending += profile.menu.saves === "leaving-menu" && unsaved ? ways.saveMs : lastOutMs;
    else if (inMenu || screen.kind === "monitor") ending += screen.kind === "menu" ? lastOutMs : 0;
    if (screen.kind === "off" && !opensFromOff) ending += ways.powerOnMs;
    const cycles = profile.inForce === "after-power-cycle" && (unsaved || (idle && screen.kind !== "off"));
    return changesMs + walking + ending + (cycles ? ways.powerOffMs + ways.powerOnMs : 0);
  };
}

