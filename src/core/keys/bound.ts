/**
 * The planner's lower bound: never more than the time still needed. It adds the cheapest change of each wrong line, the
 * shortest walk over the pages to all entries still to be visited, the ways in and out, the save and the power cycle.
 * Entries that come and go with another line are not counted as steps, so that the bound stays below the truth.
 */
import {
  actsAtOnce,
  blinksOn,
  layoutOf,
  linesOf,
  savesTogether,
  type DisplayProfile,
  type MenuState,
} from "../display";
import type { ChangeTable } from "./change";
import type { Aim, Node } from "./goal";
import { attentionBound } from "./attentionBound";
import { PerValues } from "./perValues";
import { Walks, type Wanted } from "./walks";
import { startOf, times, waysOf, type Ways } from "./ways";

/** What of a state of the search the bound looks at. */
type At = Pick<Node, "state" | "toLook" | "discarding">;

/** What the values of a display leave to be done. */
interface Needs {
  readonly changesMs: number;
  /** Values still to be confirmed. */
  readonly confirms: number;
  /** Entries to be visited; null where none is. */
  readonly wanted: Wanted | null;
  /** Pages opened by keys that have to be opened for them. */
  readonly roots: readonly number[];
  /** A wanted value is not saved yet; is not in force yet. */
  readonly unsaved: boolean;
  readonly idle: boolean;
}

/** What a way through the pages takes until the last visit, and from there out of the menu, ms. */
interface Way {
  readonly walking: number;
  readonly leaving: number;
}

/** Times that are never more than what is still needed, ms. */
export interface LowerBound {
  /** From a state of the search. */
  readonly from: (at: At) => number;
  /**
   * From outside the menu, once a state in it is left one way or the other: known before the leaving has been played.
   * Nothing is saved by leaving that is not right already, and what is thrown away makes no less to do.
   */
  readonly onceLeft: (at: At) => number;
}

/** The lower bound of one search. */
export function lowerBound(profile: DisplayProfile, aim: Aim, changes: ChangeTable): LowerBound {
  const ways = waysOf(profile);
  const walks = Walks.of(profile);
  const attention = attentionBound(profile, aim.pace ?? null, ways);
  const known = new PerValues<Needs>();
  const left = new WeakMap<Needs, number>();
  // Where a page opens where it was left, leaving changes where it opens.
  const opensAtFirst = profile.menu.pages.every(({ opensAt }) => opensAt === "first");

  const needsAt = (at: At): Needs => {
    const { screen } = at.state;
    const inMenu = isInMenu(at.state);
    const work = () => needsOf(profile, aim, changes, ways, walks, at, inMenu);
    // A value that blinks is one more value; else what is needed hangs on the values alone.
    return screen.kind === "menu" && screen.draft !== null
      ? work()
      : known.get(at.state, at.toLook, Number(inMenu) + 2 * Number(at.discarding), work);
  };

  const from = (at: At): number => {
    const { screen } = at.state;
    const inMenu = isInMenu(at.state);
    const needs = needsAt(at);
    const saving = needs.unsaved && savesTogether(profile);
    const { walking, leaving } = wayThrough(profile, ways, walks, at, needs, saving, inMenu);
    if (aim.end === "anywhere") return walking;
    // Each leaving may confirm the value that still blinks.
    const stepMs = Number.isFinite(ways.nextMs) ? ways.nextMs : 0;
    const leavings = needs.wanted ? Math.max(1, needs.roots.length + (inMenu ? 1 : 0)) : 1;
    const confirms = aim.confirmsByLeaving ? Math.max(0, needs.confirms - leavings) : needs.confirms;
    const ending = leaving + (screen.kind === "off" && !ways.opensFromOff ? ways.powerOnMs : 0);
    // What the bike obeys stays as it is until the power comes back: a line that is right there needs no cycle, though
    // it be saved wrong.
    const cycles = !actsAtOnce(profile) && (screen.kind === "off" ? needs.unsaved : needs.idle);
    return (
      needs.changesMs +
      attention.from(at.state, needs.wanted, inMenu && !at.discarding, confirms, cycles) +
      times(confirms, Math.min(ways.confirmMs, ways.confirmOnMs - stepMs)) +
      walking +
      ending +
      (cycles ? ways.powerOffMs + ways.powerOnMs : 0)
    );
  };

  const onceLeft = (at: At): number => {
    const needs = needsAt(at);
    const { wanted, roots, changesMs } = needs;
    if (!wanted || !opensAtFirst) return 0;
    let ms = left.get(needs);
    if (ms === undefined) {
      ms = changesMs;
      ms += attention.onceLeft(wanted);
      for (const page of roots) {
        ms += Math.min(Infinity, ...(ways.openings[page] ?? []).map((opening) => opening.ms));
        ms += walks.treeOf(page, 0, wanted, at.state, false).open;
      }
      left.set(needs, ms);
    }
    return ms;
  };
  return { from, onceLeft };
}

const isInMenu = ({ screen }: MenuState): boolean =>
  screen.kind === "menu" || screen.kind === "confirm" || screen.kind === "code";

function needsOf(
  profile: DisplayProfile,
  { targets, required, pace }: Aim,
  changes: ChangeTable,
  ways: Ways,
  walks: Walks,
  { state, toLook, discarding }: At,
  inMenu: boolean,
): Needs {
  const { screen, saved, pending, inForce } = state;
  const layout = layoutOf(profile);
  const hereLine = screen.kind === "menu" ? (layout.pages[screen.page]?.entries[screen.at]?.line ?? -1) : -1;
  const selectMs = ways.selectMs + (pace?.lookMs ?? 0);
  const changeMs = (line: number, from: number, to: number): number =>
    changes.get(line, from, to)?.withPersonMs ?? Infinity;
  let changesMs = 0;
  let unsaved = false;
  let idle = false;
  let confirms = 0;
  const visits: number[] = [];
  for (const i of required) {
    const target = targets[i];
    if (target === undefined) continue;
    if (inForce[i] !== target) idle = true;
    const kept = saved[i];
    // A wrong line that throwing away would mend needs no change.
    if (kept === target) continue;
    unsaved = true;
    const place = layout.placeOfLine[i];
    if (!place) {
      // No menu shows it: a procedure sets it, saved and in force at once.
      changesMs += ways.procedureMs(linesOf(profile)[i]?.code ?? "", target);
      continue;
    }
    const edits = blinksOn(profile, place.page);
    const held = inMenu ? pending[i] : kept;
    if (kept === undefined || held === undefined) continue;
    if (held === target && !discarding) continue;
    if (edits) confirms += 1;
    if (edits && i === hereLine && screen.kind === "menu" && screen.draft !== null)
      changesMs += Math.min(changeMs(i, screen.draft, target), selectMs + changeMs(i, kept, target));
    else {
      const keptMs = changeMs(i, kept, target);
      changesMs += (held === kept ? keptMs : Math.min(changeMs(i, held, target), keptMs)) + (edits ? selectMs : 0);
      visits.push(i);
    }
  }
  for (const i of toLook) if (i >= 0 && !visits.includes(i)) visits.push(i);
  const wanted = visits.length > 0 ? walks.wantedOf(visits) : null;
  const roots = layout.pages.flatMap(({ parent }, page) => (parent === null && wanted?.[page] ? [page] : []));
  return { changesMs, confirms, wanted, roots, unsaved, idle };
}

/** From where the display stands to the last entry to be visited, and from there out of the menu. */
function wayThrough(
  profile: DisplayProfile,
  ways: Ways,
  walks: Walks,
  { state, toLook, discarding }: At,
  { wanted, roots, unsaved }: Needs,
  saving: boolean,
  inMenu: boolean,
): Way {
  const { screen } = state;
  const leastOutMs = saving ? ways.leastSavingOutMs : ways.leastOutMs;
  if (!wanted)
    return {
      walking: 0,
      leaving:
        screen.kind === "menu" && !discarding
          ? walks.outFrom(screen.page, screen.at, saving)
          : unsaved
            ? leastOutMs
            : 0,
    };
  let entered = -1;
  let walking = 0;
  let leaving = Infinity;
  if (screen.kind === "menu" && !discarding) {
    const climbed = walks.climb(screen.page, screen.at, wanted, state, saving);
    entered = climbed.root;
    walking += climbed.open;
    leaving = climbed.left - climbed.open;
  }
  let outside = 0;
  for (const page of roots) {
    if (page === entered) continue;
    // A code screen is already on the way in.
    const opened =
      screen.kind === "code"
        ? 0
        : walks.openMs(page, state, (other) => other === entered || wanted[other] !== undefined);
    const tree = walks.treeOf(page, startOf(profile, page, state), wanted, state, saving);
    walking += opened + tree.open;
    leaving = Math.min(leaving, tree.left - tree.open);
    if ((ways.openings[page] ?? []).every(({ from }) => from === null)) outside += 1;
  }
  // Before a page is opened from outside, the one that is open has to be left; whatever was changed there, saving.
  const between = Math.max(0, outside - (entered >= 0 || (inMenu && screen.kind !== "code") ? 0 : 1));
  const savingBetween = saving && toLook.size === 0 ? Math.max(0, between - (inMenu ? 1 : 0)) : 0;
  walking += times(between - savingBetween, ways.leastOutMs) + times(savingBetween, ways.leastSavingOutMs);
  return { walking, leaving };
}
