/** Ways about a menu that is known so far: into it, along a page, into a group, and back again. */
import type { Hand } from "./hand";
import { countCode, roleAt, type Model, type SeenEntry, type SeenPage } from "./model";
import type { Asking, Press, Purpose, Seen } from "./questions";
import { enterCode, isMenu, LATE_MS } from "./waysIn";

export const codeIn = (seen: Seen): string | null => (seen.kind === "line" || seen.kind === "entry" ? seen.code : null);

const codeOfEntry = (entry: SeenEntry | undefined): string | null => entry?.code ?? null;

/** Where an entry with this code stands on a page, or -1. */
export const indexOfCode = ({ entries }: SeenPage, code: string | null): number =>
  entries.findIndex((entry) => entry.code === code);

/** Into the menu behind its keys, from wherever the display stands. */
export function* enterRoot(hand: Hand, page: number): Asking<boolean> {
  const place = hand.model.pages[page];
  if (place?.from.kind !== "keys") return false;
  const { way } = place.from;
  if (way.page !== null) return yield* enterInside(hand, page, way.page, way.press);
  if (way.afterMs !== null) {
    yield* hand.home();
    yield { ask: "wait", ms: LATE_MS };
  } else yield* hand.fresh();
  if (hand.where.at !== "home") return false;
  const { seen } = yield* hand.press(way.press, "go-in", null);
  if (seen.kind === "digits") yield* enterCode(hand, seen, way.press);
  if (!isMenu(hand.shown)) {
    hand.where = { at: "elsewhere" };
    return false;
  }
  yield* landed(hand, page);
  return true;
}

/** On a page just come to. Another line than ever seen there has come up: it joins the page. */
function* landed(hand: Hand, page: number): Asking<void> {
  const place = hand.model.pages[page];
  if (!place) return;
  const isKnown = () => indexOfCode(place, codeIn(hand.shown)) >= 0;
  hand.where = { at: "menu", page, index: 0 };
  if (place.walked && !isKnown()) yield* hand.makeSure(hand.shown);
  if (place.walked && !isKnown()) yield* joinsBefore(hand, place);
  countCode(place, codeIn(hand.shown));
  hand.where = { at: "menu", page, index: Math.max(0, indexOfCode(place, codeIn(hand.shown))) };
}

/** The line in hand, new on its page, stands before the one that comes next; at the end of a list after all. */
function* joinsBefore(hand: Hand, place: SeenPage): Asking<void> {
  const entry = entrySeen(hand, hand.shown);
  if (!entry) return;
  place.times.set(entry.code, 2);
  const next = yield* hand.does("next-entry", undefined, "go-in", null);
  const at = indexOfCode(place, next && codeIn(next));
  const isLast = next !== null && codeIn(next) === entry.code;
  place.entries.splice(isLast ? place.entries.length : Math.max(0, at), 0, entry);
}

/** Into a menu behind a chord of another page. */
function* enterInside(hand: Hand, page: number, from: number, press: Press): Asking<boolean> {
  const isThere = hand.where.at === "menu" && hand.where.page === from;
  if (!isThere && !(yield* enterPage(hand, from))) return false;
  const { seen } = yield* hand.press(press, "go-in", null);
  const place = hand.model.pages[page];
  if (!place || !isMenu(seen)) {
    hand.where = { at: "elsewhere" };
    return false;
  }
  yield* landed(hand, page);
  return true;
}

/** Whether a page is come to through another, by entries that lead down to it. */
export function isBelow({ pages }: Model, page: number, above: number): boolean {
  let at = pages[page]?.from;
  for (let i = 0; i < pages.length && at?.kind === "entry"; i++) {
    if (at.page === above) return true;
    at = pages[at.page]?.from;
  }
  return false;
}

/** Up to a page above the one in hand, by the key that leads back, as far as one is known; whether it came there. */
export function* climb(hand: Hand, above: number): Asking<boolean> {
  const { model } = hand;
  for (let i = 0; i < model.pages.length; i++) {
    const { where } = hand;
    if (where.at !== "menu" || !isBelow(model, where.page, above)) break;
    const from = model.pages[where.page]?.from;
    const parent = from?.kind === "entry" ? model.pages[from.page] : undefined;
    const seen = yield* hand.does("back", undefined, "go-back", null);
    if (!seen || from?.kind !== "entry" || !parent) break;
    const at = indexOfCode(parent, codeIn(seen));
    hand.where = at < 0 ? { at: "elsewhere" } : { at: "menu", page: from.page, index: at };
  }
  return hand.where.at === "menu" && hand.where.page === above;
}

/** Onto a page, at whatever entry it opens, by the entries that lead to it. */
export function* enterPage(hand: Hand, page: number): Asking<boolean> {
  const place = hand.model.pages[page];
  if (!place) return false;
  if (place.from.kind === "keys") {
    const isUnder = hand.where.at === "menu" && isBelow(hand.model, hand.where.page, page);
    return (isUnder && (yield* climb(hand, page))) || (yield* enterRoot(hand, page));
  }
  const parent = place.from.page;
  const above = hand.model.pages[parent];
  const at = above?.entries.findIndex((entry) => entry.kind === "page" && entry.page === page) ?? -1;
  if (at < 0) return false;
  const isThere = yield* climb(hand, parent);
  if (!isThere && !(yield* enterPage(hand, parent))) return false;
  if (!(yield* goTo(hand, at))) {
    // It did not stand where it was thought to: from the beginning, once.
    if (!isThere || !(yield* enterPage(hand, parent)) || !(yield* goTo(hand, at))) return false;
  }
  const seen = yield* hand.does("select", undefined, "open", null);
  if (!seen || !isMenu(seen)) return false;
  yield* landed(hand, page);
  return true;
}

/** Along the page in hand to an entry, the short way round. False where no key leads there, or it shows another. */
export function* goTo(hand: Hand, index: number, purpose: Purpose = "go-in"): Asking<boolean> {
  const { page, where } = hand;
  if (!page || where.at !== "menu") return false;
  const target = page.entries[index];
  let went: 1 | -1 | null = null;
  for (let i = 0; i <= page.entries.length; i++) {
    const now = hand.where;
    if (now.at !== "menu") return false;
    // Lines that came up on the way stand between.
    const { length: count } = page.entries;
    const at = target ? page.entries.indexOf(target) : -1;
    const to = at < 0 ? index : at;
    if (now.index === to) return true;
    const ahead = (to - now.index + count) % count;
    const canBack = roleAt(hand.model, hand.place, "previous-entry") !== null;
    const canOn = roleAt(hand.model, hand.place, "next-entry") !== null;
    const rings = page.atEnds === "wrap";
    const back = canBack && (!canOn || (rings ? count - ahead < ahead : to < now.index));
    if (!back && (!canOn || (!rings && to < now.index))) return false;
    const by = back ? -1 : 1;
    // Gone past it: it does not stand there now.
    if (went !== null && went !== by) return false;
    went = by;
    if (!(yield* stepEntry(hand, by, purpose))) return false;
  }
  return false;
}

export function* goToLine(hand: Hand, line: SeenEntry): Asking<boolean> {
  const index = hand.page?.entries.indexOf(line) ?? -1;
  return index >= 0 && (yield* goTo(hand, index));
}

/** One entry on or back, held against what the page is known to have there. */
export function* stepEntry(hand: Hand, by: 1 | -1, purpose: Purpose): Asking<boolean> {
  const { page, where } = hand;
  if (!page || where.at !== "menu") return false;
  const kind = by === 1 ? "next-entry" : "previous-entry";
  const seen = yield* hand.does(kind, undefined, purpose, null);
  if (!seen) return false;
  if (!isMenu(seen)) {
    hand.where = seen.kind === "home" ? { at: "home" } : { at: "elsewhere" };
    return false;
  }
  const count = page.entries.length;
  const expected = (where.index + by + count) % count;
  let shown = seen;
  // The code is what tells: what it shows there may have changed since.
  if (codeIn(shown) !== codeOfEntry(page.entries[expected])) {
    const entry = page.entries[expected];
    const expect: Seen =
      entry && entry.kind !== "line" && entry.code
        ? { kind: "entry", code: entry.code }
        : { kind: "line", code: entry?.code ?? "", shows: "shows" in shown ? shown.shows : "", blinks: false };
    shown = yield* hand.lookAgain(shown, expect);
    hand.shown = shown;
  }
  const code = codeIn(shown);
  if (code !== null && indexOfCode(page, code) < 0)
    mend(hand, page, expected, by === 1 ? where.index + 1 : where.index, shown);
  const at = indexOfCode(page, code);
  if (at >= 0) countCode(page, code);
  hand.where = at < 0 ? { at: "elsewhere" } : { at: "menu", page: where.page, index: at };
  return at >= 0;
}

/**
 * Looked at twice, a code stands there that nobody has seen: the one thought to stand there was told once, and is
 * mended; one seen more often is still there, and a line has come up beside it.
 */
function mend(hand: Hand, page: SeenPage, expected: number, between: number, shown: Seen): void {
  const was = page.entries[expected];
  const entry = entrySeen(hand, shown);
  if (!was || !entry) return;
  const isSlip = (page.times.get(was.code) ?? 0) <= 1;
  page.entries.splice(isSlip ? expected : between || page.entries.length, isSlip ? 1 : 0, entry);
  if (isSlip && page.stood.delete(was.code)) page.stood.add(entry.code);
  page.times.set(entry.code, isSlip ? 1 : 2);
}

/** What stands on a page, from a look at it. */
export const entrySeen = ({ foundAt }: Hand, seen: Seen): SeenEntry | null => {
  if (seen.kind === "entry") return { kind: "unknown", code: seen.code };
  if (seen.kind !== "line") return null;
  return {
    kind: "line",
    code: seen.code,
    // A key tried before the page was gone along may have changed it.
    found: foundAt.get(seen.code) ?? seen.shows,
    now: null,
    values: null,
    atEnds: null,
    valuesTwice: false,
    sweptBy: null,
    changes: null,
    influence: "not-tried",
    shownWith: new Map<string, ReadonlySet<string>>(),
  };
};
