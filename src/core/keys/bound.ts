/**
 * The planner's lower bound: never more than the time still needed. It adds the cheapest change of each wrong line, the
 * shortest walk over the pages to all entries still to be visited, the ways in and out, the save and the power cycle.
 * Entries that come and go with another line are not counted as steps, so that the bound stays below the truth.
 */
import { layoutOf, type DisplayProfile, type MenuState } from "../display";
import { cheapestMs, type ChangeTable } from "./change";
import type { Aim, Node } from "./plan";
import { strokeMs, waitForClose } from "./strokes";

/** n steps at a cost each; no step costs nothing, even where none can be made. */
const times = (n: number, ms: number): number => (n === 0 ? 0 : n * ms);

interface Ways {
  readonly nextMs: number;
  readonly previousMs: number;
  readonly selectMs: number;
  readonly backMs: number;
  readonly saveMs: number;
  readonly leaveMs: number;
  readonly confirmMs: number;
  readonly powerOnMs: number;
  readonly powerOffMs: number;
  readonly openMs: readonly number[];
}

function waysOf(profile: DisplayProfile): Ways {
  const does = (kind: string) => cheapestMs(profile, (rule) => rule.does.kind === kind);
  const closing = strokeMs(waitForClose(profile));
  const selectMs = does("select");
  const backMs = does("back");
  const exits = (saves: boolean) => (profile.menu.pages.some((page) => page.entries.some((entry) => entry.kind === "exit" && entry.saves === saves)) ? selectMs : Infinity);
  const together = profile.menu.saves === "leaving-menu";
  const idleSaves = profile.menu.idle.pending === "save" ? closing : Infinity;
  const saveMs = Math.min(does("save-and-leave"), exits(true), idleSaves, together ? backMs : Infinity);
  const leaveMs = Math.min(does("save-and-leave"), does("leave-without-saving"), exits(true), exits(false), closing, backMs, does("power-off"));
  const opened = profile.menu.pages.map((page) => cheapestMs(profile, (rule) => rule.does.kind === "open-page" && rule.does.page === page.id));
  return { nextMs: does("next-entry"), previousMs: does("previous-entry"), selectMs, backMs: Math.min(backMs, leaveMs), saveMs, leaveMs, confirmMs: does("confirm-value"), powerOnMs: does("power-on"), powerOffMs: does("power-off"), openMs: opened };
}

/** Shortest walk over a page's entries from one of them to all of `wanted`, ms. */
function walkMs(profile: DisplayProfile, page: number, from: number, wanted: readonly number[], { nextMs, previousMs }: Ways): number {
  const place = layoutOf(profile).pages[page];
  if (!place || wanted.length === 0) return 0;
  const count = place.entries.length;
  const sure = place.entries.map((entry) => (entry.shownWhen === null ? 1 : 0));
  const least = Math.min(nextMs, previousMs);
  // Where entries come and go, positions cannot be trusted: count visits only.
  if (sure.includes(0)) return times(Math.max(0, wanted.filter((at) => at !== from).length), least);
  const others = wanted.filter((at) => at !== from);
  if (place.page.atEnds === "stop") {
    const right = Math.max(0, ...others.map((at) => at - from));
    // A list walked one way only is come back to by opening it again, which is not counted here.
    if (!Number.isFinite(previousMs)) return times(right, nextMs);
    const left = Math.max(0, ...others.map((at) => from - at));
    return Math.min(times(right, nextMs) + times(right + left, left === 0 ? 0 : previousMs), times(left, previousMs) + times(left + right, right === 0 ? 0 : nextMs));
  }
  const forward = others.map((at) => (at - from + count) % count).sort((a, b) => a - b);
  const farthest = forward[forward.length - 1] ?? 0;
  if (!Number.isFinite(previousMs)) return times(farthest, nextMs);
  let best = Infinity;
  for (let k = 0; k <= forward.length; k++) {
    const ahead = k === 0 ? 0 : (forward[k - 1] ?? 0);
    const behind = k === forward.length ? 0 : count - (forward[k] ?? 0);
    const aheadFirst = times(ahead, nextMs) + (behind === 0 ? 0 : times(ahead + behind, previousMs));
    const behindFirst = times(behind, previousMs) + (ahead === 0 ? 0 : times(behind + ahead, nextMs));
    best = Math.min(best, aheadFirst, behindFirst);
  }
  return best;
}

/** A function that tells, for a state of the search, a time that is never more than what is still needed, ms. */
export function lowerBound(profile: DisplayProfile, aim: Aim, changes: ChangeTable): (node: Node) => number {
  const ways = waysOf(profile);
  const layout = layoutOf(profile);
  const edits = profile.menu.changing === "select";
  const { targets, required, end = "home" } = aim;
  const mayConfirmByLeaving = edits && (profile.menu.idle.pending === "save" || profile.rules.some((rule) => rule.does.kind === "save-and-leave" && rule.editing !== false));
  const walks = new Map<string, number>();

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

  /** Least time to visit all that is wanted on a page and below it, ms, once standing at `from`. */
  const treeMs = (page: number, from: number, wanted: readonly (readonly number[] | undefined)[], state: MenuState): number => {
    const here = wanted[page];
    if (!here || here.length === 0) return 0;
    const key = `${page}.${from}.${[...here].sort((a, b) => a - b).join()}`;
    let walk = walks.get(key);
    if (walk === undefined) {
      walk = walkMs(profile, page, from, here, ways);
      walks.set(key, walk);
    }
    let total = walk;
    let children = 0;
    for (const at of here) {
      const child = layout.pages[page]?.entries[at]?.opens ?? -1;
      if (child < 0) continue;
      children += 1;
      total += ways.selectMs + treeMs(child, startOf(child, state), wanted, state);
    }
    // The last page gone into need not be come back from.
    return total + times(Math.max(0, children - 1), ways.backMs);
  };

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
    for (const i of toLook) if (!visits.includes(i)) visits.push(i);
    changesMs += times(mayConfirmByLeaving ? Math.max(0, confirms - 1) : confirms, ways.confirmMs);

    let walking = 0;
    if (visits.length > 0) {
      const wanted = wantedOf(visits);
      let entered = -1;
      if (screen.kind === "menu" && !discarding) {
        // Up from here: what lies below this page, then what its parents still want besides.
        let page = screen.page;
        let from = screen.at;
        let cameFrom = -1;
        for (;;) {
          const here = wanted[page]?.filter((at) => at !== cameFrom);
          const rest = wanted.map((w, p) => (p === page ? here : w));
          walking += here && here.length > 0 ? Math.min(treeMs(page, from, rest, state), treeMs(page, startOf(page, state), rest, state)) : 0;
          const parent = layout.pages[page]?.parent ?? null;
          entered = page;
          if (!parent) break;
          const elsewhere = wanted[parent.page]?.some((at) => at !== parent.at) ?? false;
          if (elsewhere) walking += ways.backMs;
          page = parent.page;
          from = parent.at;
          cameFrom = parent.at;
        }
      }
      layout.pages.forEach((place, p) => {
        if (p === entered || place.parent !== null || !wanted[p]) return;
        const open = ways.openMs[p] ?? Infinity;
        // A code screen is already on the way in.
        walking += (screen.kind === "code" ? 0 : open) + treeMs(p, startOf(p, state), wanted, state);
      });
    }
    if (end === "anywhere") return walking;
    let ending = 0;
    if (unsaved || visits.length > 0) ending += profile.menu.saves === "leaving-menu" && unsaved ? ways.saveMs : ways.leaveMs;
    else if (inMenu || screen.kind === "monitor") ending += ways.leaveMs;
    if (screen.kind === "off") ending += ways.powerOnMs;
    const cycles = profile.inForce === "after-power-cycle" && (unsaved || (idle && screen.kind !== "off"));
    return changesMs + walking + ending + (cycles ? ways.powerOffMs + ways.powerOnMs : 0);
  };
}

