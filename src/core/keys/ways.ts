/**
 * Ways over a display's pages, in least times: opening a page, walking its entries, coming back up, leaving with or
 * without saving. None is ever more than what the keys really need, which is what the planner's lower bound rests on.
 */
import { layoutOf, type DisplayProfile, type MenuState, type PagePlace, savesIdle, savesTogether } from "../display";
import { cheapestMs, codeStrokes } from "./change";
import { ensure } from "./ensure";
import { leastRuleMs, strokeMs, totalMs, waitForClose } from "./strokes";

interface Opening {
  readonly ms: number;
  /** Pages it is opened from; null where it is opened from outside the menu. */
  readonly from: readonly number[] | null;
  /** Only so long after power-on, ms; Infinity where it does not matter. */
  readonly withinMs: number;
  readonly fromOff: boolean;
}

export interface Ways {
  readonly nextMs: number;
  readonly previousMs: number;
  readonly selectMs: number;
  readonly backMs: number;
  readonly confirmMs: number;
  /** Confirming a value and going on in one press. */
  readonly confirmOnMs: number;
  /** Least time of a procedure that sets a line to a raw value. */
  readonly procedureMs: (code: string, raw: number) => number;
  readonly powerOnMs: number;
  readonly powerOffMs: number;
  /** Least time back up, or out, from each page. */
  readonly returnMs: readonly number[];
  /** Ways to open each page by keys. */
  readonly openings: readonly (readonly Opening[])[];
  /** A page can be opened by keys while the display is off. */
  readonly opensFromOff: boolean;
  /** Least time out of the menu from anywhere, and out of it saving. */
  readonly leastOutMs: number;
  readonly leastSavingOutMs: number;
  /** Keys, or waiting, that lead out from any page at once; and of these, those that save what is pending. */
  readonly byChordMs: number;
  readonly savingByChordMs: number;
}

/** n steps at a cost each; no step costs nothing, even where none can be made. */
export const times = (n: number, ms: number): number => (n === 0 ? 0 : n * ms);

interface Exits {
  readonly all: readonly number[];
  readonly saving: readonly number[];
}
const exits = new WeakMap<PagePlace, Exits>();

/** Entries of a page that lead out of the menu; of those, the ones that save. */
function exitsOf(place: PagePlace | undefined, saving: boolean): readonly number[] {
  if (!place) return [];
  const { all, saving: savers } = ensure(exits, place, () => {
    const those = (test: (saves: boolean) => boolean) =>
      place.entries.flatMap(({ entry }, at) => (entry.kind === "exit" && test(entry.saves) ? [at] : []));
    return { all: those(() => true), saving: those((saves) => saves) };
  });
  return saving ? savers : all;
}

const known = new WeakMap<DisplayProfile, Ways>();

/** The ways of a display, worked out once. */
export const waysOf = (profile: DisplayProfile): Ways => ensure(known, profile, () => workOut(profile));

function workOut(profile: DisplayProfile): Ways {
  const { pages, pageById } = layoutOf(profile);
  const does = (kind: string) => cheapestMs(profile, (rule) => rule.does.kind === kind);
  const inMenu = (kind: string) => cheapestMs(profile, (rule) => rule.does.kind === kind && rule.on === "menu");
  const closing = strokeMs(waitForClose(profile));
  // A key may go back or select elsewhere as well, sooner than in the menu.
  const selectMs = inMenu("select");
  const backMs = inMenu("back");
  const saveChordMs = inMenu("save-and-leave");
  const byChordMs = Math.min(saveChordMs, inMenu("leave-without-saving"), inMenu("power-off"), closing);
  const savingByChordMs = Math.min(saveChordMs, savesIdle(profile) ? closing : Infinity);
  const exit = (saving: boolean) => (pages.some((place) => exitsOf(place, saving).length > 0) ? selectMs : Infinity);
  const openings = pages.map(({ page }) =>
    profile.rules.flatMap((rule): Opening[] => {
      if (rule.does.kind !== "open-page" || rule.does.page !== page.id) return [];
      const entering =
        rule.does.code === null
          ? 0
          : totalMs(
              codeStrokes(
                profile,
                Array.from(rule.does.code, () => 0),
                0,
                rule.does.code,
              ) ?? [],
            );
      const from =
        rule.on === "menu"
          ? (rule.pages ?? profile.menu.pages.map((each) => each.id)).flatMap((id) => pageById.get(id) ?? [])
          : null;
      return [
        {
          ms: leastRuleMs(rule) + entering,
          from,
          withinMs: rule.sincePowerOn?.kind === "within" ? rule.sincePowerOn.ms : Infinity,
          fromOff: rule.on === "off",
        },
      ];
    }),
  );
  return {
    nextMs: inMenu("next-entry"),
    previousMs: inMenu("previous-entry"),
    selectMs,
    backMs,
    // A key that confirms and goes on may save one step of the walk.
    confirmMs: cheapestMs(
      profile,
      ({ on, does }) => on === "menu" && does.kind === "confirm-value" && does.then === "stays",
    ),
    confirmOnMs: cheapestMs(
      profile,
      ({ on, does }) => on === "menu" && does.kind === "confirm-value" && does.then === "next-entry",
    ),
    procedureMs: (code, raw) =>
      cheapestMs(profile, ({ does }) => does.kind === "set-value" && does.line === code && does.raw === raw),
    powerOnMs: does("power-on"),
    powerOffMs: does("power-off"),
    returnMs: pages.map((place) => Math.min(backMs, byChordMs, exitsOf(place, false).length > 0 ? selectMs : Infinity)),
    openings,
    opensFromOff: profile.rules.some((rule) => rule.on === "off" && rule.does.kind === "open-page"),
    leastOutMs: Math.min(byChordMs, backMs, exit(false)),
    leastSavingOutMs: Math.min(savingByChordMs, exit(true), savesTogether(profile) ? backMs : Infinity),
    byChordMs,
    savingByChordMs,
  };
}

/**
 * Least time out of the menu from the nearest of some entries of a page, ms; `saving` where what is pending must be
 * kept.
 */
export function outMs(
  profile: DisplayProfile,
  page: number,
  from: readonly number[],
  saving: boolean,
  ways: Ways,
): number {
  const place = layoutOf(profile).pages[page];
  const up = place?.parent
    ? outMs(profile, place.parent.page, [place.parent.at], saving, ways)
    : saving && !savesTogether(profile)
      ? Infinity
      : 0;
  const byExit = exitsOf(place, saving).flatMap((exit) =>
    from.map((at) => walkMs(profile, page, at, [exit], ways) + ways.selectMs),
  );
  return Math.min(saving ? ways.savingByChordMs : ways.byChordMs, ways.backMs + up, ...byExit);
}

const sureBefore = new WeakMap<PagePlace, readonly number[]>();

/** How many entries that are always there stand before each place of a page. */
const sureCounts = (place: PagePlace): readonly number[] =>
  ensure(sureBefore, place, () => {
    const running = [0];
    for (const entry of place.entries)
      running.push((running[running.length - 1] ?? 0) + (entry.shownWhen.length === 0 ? 1 : 0));
    return running;
  });

/** Entry a page opens at. */
export const startOf = (profile: DisplayProfile, page: number, state: MenuState): number =>
  layoutOf(profile).pages[page]?.page.opensAt === "first" ? 0 : (state.lastAt[page] ?? 0);

/**
 * Shortest walk over a page's entries from one of them to all of `wanted`, ms; leaving the page and opening it again
 * counts as a way.
 */
export function walkMs(
  profile: DisplayProfile,
  page: number,
  from: number,
  wanted: readonly number[],
  ways: Ways,
): number {
  const place = layoutOf(profile).pages[page];
  const others = wanted.filter((at) => at !== from);
  if (!place || others.length === 0) return 0;
  const stepped = walkedMs(place, from, others, ways);
  const reopenMs = place.parent ? (ways.returnMs[page] ?? 0) : 0;
  const openMs = place.parent
    ? ways.selectMs
    : Math.min(
        Infinity,
        ...(ways.openings[page] ?? []).map((opening) => opening.ms + (opening.from ? 0 : ways.leastOutMs)),
      );
  const again = reopenMs + openMs;
  // A page that opens where it was left opens at its first entry only after a power cycle, which takes longer still.
  return again >= stepped
    ? stepped
    : Math.min(stepped, again + times(spanned(place, from, others), Math.min(ways.nextMs, ways.previousMs)));
}

/** Steps from one place of a page on to another that comes after it, round the end where it is before. */
function stepsOn(place: PagePlace): (a: number, b: number) => number {
  const count = place.entries.length;
  const sure = sureCounts(place);
  const upTo = (n: number) => sure[n] ?? 0;
  // An entry that comes and goes may not have to be stepped over; one that is visited always is.
  return (a, b) => 1 + (b > a ? upTo(b) - upTo(a + 1) : upTo(count) - upTo(a + 1) + upTo(b));
}

/** Fewest steps in all where each wanted entry may be reached from `from` or from the first entry. */
function spanned(place: PagePlace, from: number, wanted: readonly number[]): number {
  if (place.entries[0]?.shownWhen.length !== 0) return 0;
  const points = [...new Set([0, from, ...wanted])].sort((a, b) => a - b);
  const on = stepsOn(place);
  let total = 0;
  // The longest stretch before `from`, and the longest after it, need not be walked.
  const longest: [number, number] = [0, 0];
  points.forEach((point, i) => {
    const next = points[i + 1] ?? (place.page.atEnds === "wrap" && points.length > 1 ? 0 : null);
    if (next === null) return;
    const steps = on(point, next);
    total += steps;
    const side = point < from ? 0 : 1;
    longest[side] = Math.max(longest[side], steps);
  });
  // Past `from` on a page that stops at its ends there is only one way to each entry.
  return Math.max(0, total - longest[0] - (place.page.atEnds === "wrap" ? longest[1] : 0));
}

function walkedMs(place: PagePlace, from: number, others: readonly number[], { nextMs, previousMs }: Ways): number {
  const forward = stepsOn(place);
  const count = place.entries.length;
  const steps = (a: number, b: number, by: 1 | -1): number => (by === 1 ? forward(a, b) : forward(b, a));
  if (place.page.atEnds === "stop") {
    const last = Math.max(from, ...others);
    const first = Math.min(from, ...others);
    const right = last > from ? steps(from, last, 1) : 0;
    // A list walked one way only is come back to by opening it again, which is not counted here.
    if (!Number.isFinite(previousMs)) return times(right, nextMs);
    const left = first < from ? steps(from, first, -1) : 0;
    if (left === 0 || right === 0) return times(right, nextMs) + times(left, previousMs);
    return Math.min(
      times(right, nextMs) + times(steps(last, first, -1), previousMs),
      times(left, previousMs) + times(steps(first, last, 1), nextMs),
    );
  }
  const ahead = [...others].sort((a, b) => ((a - from + count) % count) - ((b - from + count) % count));
  if (!Number.isFinite(previousMs)) return times(steps(from, ahead[ahead.length - 1] ?? from, 1), nextMs);
  let best = Infinity;
  // Some are reached going on, the rest going back: every split, either way first.
  for (let k = 0; k <= ahead.length; k++) {
    const on = ahead[k - 1];
    const back = ahead[k];
    const onFirst =
      on === undefined
        ? times(steps(from, back ?? from, -1), previousMs)
        : times(steps(from, on, 1), nextMs) + (back === undefined ? 0 : times(steps(on, back, -1), previousMs));
    const backFirst =
      back === undefined
        ? times(steps(from, on ?? from, 1), nextMs)
        : times(steps(from, back, -1), previousMs) + (on === undefined ? 0 : times(steps(back, on, 1), nextMs));
    best = Math.min(best, onFirst, backFirst);
  }
  return best;
}
